'use client'

import { useState } from 'react'
import type { Taught, TaughtFormula, TaughtRing } from '@/contract/taught'
import { inCelsiusStep } from '@/core'
import { linear } from '@/ui/chart/scale'
import { AlertDialog } from '@/ui/kit/alert-dialog'
import { BackLink } from '@/ui/kit/back-link'
import { Button } from '@/ui/kit/button'
import { Link } from '@/ui/kit/link'
import { For, useSay, useTime } from '@/ui/shell/preferences'
import {
  cookNames,
  formatPercent,
  formatShare,
  formatSpan,
  formatTimes,
  kindOfWork,
  lower,
  sayCause,
  taskName,
} from '@/words'
import { useThings } from './use-things'

/** What the log has taught about rings, pots and hands; it goes into the next plan, and can be forgotten. */
export function TaughtPage({ taught }: { readonly taught: Taught }) {
  const { rings, formulas, probes, works, roles } = taught
  return (
    <div className="flex flex-col gap-4 p-4 lg:p-6">
      <header>
        <BackLink href="/kitchen">Kitchen</BackLink>
        <h1 className="casual text-page leading-tight font-extrabold">What the kitchen has taught</h1>
        <p className="text-main text-muted">
          Learned from the batches of the log. The next plan and forecast begin from it.
        </p>
      </header>
      {rings.length === 0 && (
        <p className="text-main">Nothing yet: three batches on a ring are the least that teach something.</p>
      )}
      <ul className="grid gap-4 lg:grid-cols-2">
        {rings.map((r) => (
          <Ring key={`${r.name} ${r.pot}`} ring={r} />
        ))}
      </ul>
      {formulas.length > 0 && <Hands formulas={formulas} />}
      {(works.length > 0 || roles.length > 0) && <Days works={works} roles={roles} />}
      {probes.length > 0 && <Probes probes={probes} />}
    </div>
  )
}

/** What the logs say of each thermometer: by its drops and signs, and by how it came back into a hot pot. */
function Probes({ probes }: Pick<Taught, 'probes'>) {
  const say = useSay()
  return (
    <section aria-labelledby="probes" className="sheet p-5">
      <h2 id="probes" className="casual text-title font-bold">
        Thermometers
      </h2>
      <ul className="mt-1 text-body">
        {probes.map(({ name, off, lag }) => (
          <li key={name} className="flex flex-wrap justify-between gap-x-6 border-b border-line py-1.5 last:border-0">
            <span>{name ?? 'Read by eye'}</span>
            <span className="text-muted">
              {off &&
                `by ${off.batches} batches of drops ${say.step(inCelsiusStep(Math.abs(off.mean)))} too ${off.mean > 0 ? 'much' : 'little'}, ± ${say.step(inCelsiusStep(off.sd))}`}
              {off && lag && ' · '}
              {lag && `follows in ${lag.seconds.toFixed(1)} s, ± ${formatPercent(lag.sd)}, of ${lag.batches}`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** How long works take here, and how late each role begins, from the days that were planned and worked. */
function Days({ works, roles }: Pick<Taught, 'works' | 'roles'>) {
  return (
    <section aria-labelledby="days" className="sheet p-5">
      <h2 id="days" className="casual text-title font-bold">
        Hands, from the days that were worked
      </h2>
      <ul className="mt-1 grid gap-x-8 text-body md:grid-cols-2">
        {works.slice(0, MOST_WORKS).map((w) => (
          <li key={w.what} className="flex justify-between gap-4 border-b border-line py-1.5">
            <span className="first-letter:uppercase">{taskName({ kind: kindOfWork(w.what), what: w.what })}</span>
            <span className="text-right text-muted">
              {formatTimes(w.share)} as long as planned, of {w.times}
            </span>
          </li>
        ))}
        {roles.map((r) => (
          <li key={r.cook} className="flex justify-between gap-4 border-b border-line py-1.5">
            <span>{cookNames[r.cook]}</span>
            <span className="text-right text-muted">
              {Math.abs(r.lateS) < 60
                ? 'begins on time'
                : `begins ${formatSpan(60 * Math.round(Math.abs(r.lateS) / 60))} ${r.lateS > 0 ? 'late' : 'early'}`}
              , in {r.tasks} tasks
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

const MOST_WORKS = 8

function Ring({ ring }: { readonly ring: TaughtRing }) {
  const say = useSay()
  const { gives, carries, creeps, watts } = ring
  return (
    <li className="sheet flex flex-col gap-2 p-5">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="casual text-title leading-tight font-bold">
          {ring.name}, {ring.pot}
        </h2>
        {ring.thing && gives && (
          <For may="owner">
            <Forget thing={ring.thing} />
          </For>
        )}
      </div>
      {gives ? (
        <p className="text-main">
          Gives <strong>{formatPercent(gives.share)}</strong> of what its plate says, ± {formatPercent(gives.sd)}
          {watts > 0 && `: ${((gives.share * watts) / 1000).toFixed(2)} kW into the pot`}.
        </p>
      ) : (
        <p className="text-main text-muted">What it gives is not known yet.</p>
      )}
      {carries && (
        <p className="text-body">
          The pot carries on by {say.step(inCelsiusStep(carries.mean))} after the pull, ±{' '}
          {say.step(inCelsiusStep(carries.sd))}, of {carries.batches} batches.
        </p>
      )}
      {ring.run.length > 1 && <Run ring={ring} />}
      {creeps && (
        <p className="rounded-control bg-lemon px-4 py-2 text-body text-on-lemon">
          <strong>Of late: {lower(sayCause(creeps.cause, say).was)}.</strong> {sayCause(creeps.cause, say).tell}
        </p>
      )}
    </li>
  )
}

const HEIGHT = 70

/** What it gave, batch by batch, beside what the next plan reckons with. */
function Run({ ring: { run, gives } }: { readonly ring: TaughtRing }) {
  const time = useTime()
  const values = run.map((p) => p.value)
  const [low, high] = [Math.min(...values, gives?.share ?? 1) - 0.05, Math.max(...values, gives?.share ?? 1) + 0.05]
  const y = linear([low, high], [HEIGHT - 8, 8])
  return (
    <div className="relative" style={{ height: HEIGHT }}>
      {gives && (
        <>
          <div
            className="absolute inset-x-0 bg-angelica/15"
            style={{ top: y(gives.share + gives.sd), height: y(gives.share - gives.sd) - y(gives.share + gives.sd) }}
            aria-hidden
          />
          <div className="absolute inset-x-0 border-t-2 border-angelica" style={{ top: y(gives.share) }} aria-hidden />
        </>
      )}
      <ul>
        {run.map((p, i) => {
          const said = `${time(p.at, 'brief')}: ${formatPercent(p.value)}`
          return (
            <li key={p.batch}>
              <Link
                href={`/logbook/${p.batch}`}
                aria-label={said}
                title={said}
                className="absolute size-3.5 -translate-x-1/2 -translate-y-1/2 rounded-full bg-ink"
                style={{ left: `${(100 * (i + 0.5)) / run.length}%`, top: y(p.value) }}
              />
            </li>
          )
        })}
      </ul>
    </div>
  )
}

function Forget({ thing }: { readonly thing: NonNullable<TaughtRing['thing']> }) {
  const { keep } = useThings()
  const [problem, setProblem] = useState<string | null>(null)
  const forget = async (): Promise<void> => {
    try {
      const { id, ...facts } = thing
      await keep('burner', id, { ...facts, learnsFrom: new Date().toISOString() })
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  return (
    <>
      <AlertDialog
        title={`Forget what the ${thing.name} has taught?`}
        text="The log stays as it is. Plans go by its plate again, until new batches have been cooked on it."
        yes="Forget it"
        onYes={() => void forget()}
      >
        <Button>Forget it</Button>
      </AlertDialog>
      {problem && (
        <p role="alert" className="text-small text-cherry">
          {problem}
        </p>
      )}
    </>
  )
}

/** Where each formula is pulled, on the whole, and how steadily. */
function Hands({ formulas }: { readonly formulas: readonly TaughtFormula[] }) {
  const say = useSay()
  return (
    <section aria-labelledby="hands" className="sheet p-5">
      <h2 id="hands" className="casual text-title font-bold">
        Your hands
      </h2>
      <ul className="mt-1 text-main">
        {formulas.map(({ id, name, missed, lost }) => (
          <li key={id} className="flex flex-wrap justify-between gap-x-6 border-b border-line py-1.5 last:border-0">
            <Link href={`/logbook?formula=${id}`} className="font-semibold hover:underline">
              {name}
            </Link>
            <span>
              {say.step(inCelsiusStep(Math.abs(missed.mean)))} {missed.mean >= 0 ? 'past' : 'short of'} the target, ±{' '}
              {say.step(inCelsiusStep(missed.sd))}, of {missed.batches} batches
              {lost !== null && `; ${formatShare(lost)} lost to edges`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
