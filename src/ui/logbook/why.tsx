'use client'

import type { BatchStory } from '@/contract/logbook'
import type { Suspect } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { flawNames, lower, sayCause, sayChance, sayEvidence, sayUnusual } from '@/words'

interface Props {
  readonly why: NonNullable<BatchStory['why']>
  /** Why it was given up, as it was said; null where it was not. */
  readonly givenUp: string | null
  /** The sweet bears another boil. */
  readonly reboils: boolean
}

/** What was different, and what was behind it: by this batch's own log, never a list out of a book. */
export function Why({ why, givenUp, reboils }: Props) {
  const { flaws, suspects, found, different, creeps } = why
  const say = useSay()
  const asked = flaws.length > 0
  return (
    <section aria-labelledby="why" className="sheet flex flex-col gap-3 p-5">
      <h2 id="why" className="casual text-title font-bold">
        {asked ? `Why is it ${flaws.map((f) => flawNames[f]).join(' and ')}?` : 'What was different'}
      </h2>
      {asked && suspects.length === 0 && (
        <p className="text-body">
          Nothing in the log speaks for any cause, and none is common. It may have been chance.
        </p>
      )}
      {(asked ? suspects : found ? [found] : []).map((s, i) => (
        <Cause key={s.cause} suspect={s} reboils={reboils} first={i === 0} />
      ))}
      {creeps && creeps.cause !== found?.cause && (
        <div className="rounded-control bg-lemon px-4 py-3 text-body text-on-lemon">
          <p className="font-semibold">Three batches in a row: {lower(sayCause(creeps.cause, say).was)}.</p>
          <p>{sayCause(creeps.cause, say).tell}</p>
        </div>
      )}
      {givenUp && <p className="text-body">It was given up: {lower(givenUp)}.</p>}
      <Different different={different} asked={asked} alone={!asked && !found && !creeps && !givenUp} />
    </section>
  )
}

interface CauseProps {
  readonly suspect: Suspect
  readonly reboils: boolean
  readonly first: boolean
}

function Cause({ suspect, reboils, first }: CauseProps) {
  const say = useSay()
  const { was, tell, now, next } = sayCause(suspect.cause, say, reboils)
  return (
    <div className={first ? '' : 'border-t border-line pt-2'}>
      <p className={first ? 'text-main font-semibold' : 'text-body font-semibold'}>
        {was}
        <span className="ml-2 text-small font-normal text-muted">
          {sayChance(suspect.chance)}, {Math.min(99, Math.round(100 * suspect.chance))} in a hundred
        </span>
      </p>
      <p className="text-body">{sayEvidence(suspect, say)}</p>
      {first && (
        <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-small">
          <dt className="text-muted">To be sure</dt>
          <dd>{tell}</dd>
          <dt className="text-muted">This batch</dt>
          <dd>{now}</dd>
          <dt className="text-muted">Next time</dt>
          <dd>{next}</dd>
        </dl>
      )}
    </div>
  )
}

interface DifferentProps {
  readonly different: Props['why']['different']
  readonly asked: boolean
  /** Nothing else is said of it. */
  readonly alone: boolean
}

function Different({ different, asked, alone }: DifferentProps) {
  const say = useSay()
  if (different.length === 0)
    return <p className="text-body text-muted">Nothing{alone ? '' : ' else'} about it was out of the ordinary.</p>
  return (
    <div>
      {asked && <h3 className="text-small text-muted">What was different about it</h3>}
      <ul className="text-body leading-snug">
        {different.map((u) => (
          <li key={u.trait} className="border-b border-line py-1 last:border-0">
            {sayUnusual(u, say)}
          </li>
        ))}
      </ul>
    </div>
  )
}
