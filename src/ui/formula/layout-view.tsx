'use client'

import {
  analyse,
  type Conditions,
  type FormulaDocument,
  gramsAsWritten,
  gramsOfBoil,
  inMillimetres,
  isFormed,
  liesThick,
  slabOf,
  sweetDensity,
  type Tray,
  unscaledOf,
  type Vessel,
  workOf,
} from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { countWord, lyingOf, sayUnscaled, thinOrThick } from '@/words'
import { BoilPlan } from './boil-plan'
import { FormedDrawing } from './formed-drawing'
import { MouldDrawing } from './mould-drawing'
import type { Sized } from './size-batch'
import { mainPiece } from './size-batch'
import { TrayDrawing, TrayRim } from './tray-drawing'

interface Props {
  readonly formula: FormulaDocument
  readonly sized: Sized
  readonly conditions: Conditions
  readonly vessel: Vessel | null
}

/** How it lies in the tray, how the boils follow each other, and what does not grow with the batch. */
export function LayoutView({ formula, sized, conditions, vessel }: Props) {
  const say = useSay()
  const { plan } = sized
  const { boiled, part } = mainPiece(sized)
  const number = plan.boils.findIndex((b) => b.part === part) + 1
  const rows = boiled
    ? unscaledOf({
        formula: boiled.formula,
        plan,
        grams: gramsOfBoil(plan, number),
        analysis: boiled.analysis,
        written: analyse(boiled.formula, conditions, gramsAsWritten(boiled.formula)),
        conditions,
      })
    : []
  return (
    <div className="grid flex-1 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
      <section aria-labelledby="lay" className="sheet px-5 py-4">
        <h2 id="lay" className="casual mb-2 text-title font-bold">
          {vessel?.kind === 'mould'
            ? 'In the moulds'
            : plan.shape.kind === 'cut'
              ? 'On the tray, to scale'
              : 'On the tray'}
        </h2>
        {vessel ? <Lay formula={formula} sized={sized} vessel={vessel} /> : <p>Choose a tray or mould above.</p>}
      </section>
      <div className="flex flex-col gap-4">
        {boiled && <BoilPlan formula={formula} plan={plan} boiled={boiled} conditions={conditions} vessel={vessel} />}
        <section aria-labelledby="unscaled" className="sheet px-5 py-4">
          <h2 id="unscaled" className="casual text-title font-bold">
            Does not grow with the batch
          </h2>
          <ul>
            {rows.map((r) => {
              const said = sayUnscaled(r, say)
              return (
                <li key={r.id} className="border-b border-line py-2 last:border-0">
                  <p className="casual text-main leading-snug font-semibold">{said.text}</p>
                  <p className="text-small leading-snug text-muted">{said.detail}</p>
                </li>
              )
            })}
          </ul>
        </section>
      </div>
    </div>
  )
}

function Lay({ formula, sized: { plan }, vessel }: { formula: FormulaDocument; sized: Sized; vessel: Vessel }) {
  const say = useSay()
  if (vessel.kind === 'mould') return <MouldDrawing mould={vessel} fillings={plan.vessels} />
  const trays = Math.max(1, plan.vessels)
  const lies = liesThick(formula, plan, vessel, trays)
  const slab = slabOf(formula, plan, vessel)
  if (plan.shape.kind === 'cut' && slab)
    return (
      <>
        <div className="flex flex-wrap gap-4">
          {slab.fullTrays > 0 && <TrayDrawing shape={plan.shape} tray={vessel} barMm={null} count={slab.fullTrays} />}
          {slab.barMm !== null && <TrayDrawing shape={plan.shape} tray={vessel} barMm={slab.barMm} count={1} />}
        </div>
        <p className="mt-2 text-body">
          {slab.barMm === null
            ? `Poured to the rim line it lies ${say.length(inMillimetres(plan.shape.heightMm))} deep.`
            : `Behind the bar it lies ${say.length(inMillimetres(plan.shape.heightMm))} deep; run over ${trays === 1 ? 'the whole tray' : `all ${countWord(trays)} trays`} it would lie ${say.length(inMillimetres(lies))}.`}{' '}
          <span className="text-muted">
            {slab.pieces > plan.pieces &&
              `The knife gets ${slab.pieces} out of it, ${slab.pieces - plan.pieces} more than you asked for.`}
          </span>
        </p>
      </>
    )
  const wanted = plan.shape.kind === 'broken' ? plan.shape.thicknessMm : lies
  const { broken, fills } = lyingOf(plan.shape, workOf(formula.family, formula.school))
  if (isFormed(plan.shape))
    return (
      <FormedDrawing
        shape={plan.shape}
        tray={vessel}
        density={sweetDensity(formula, plan)}
        pieces={plan.pieces}
        trays={trays}
        said={broken.toLowerCase()}
      />
    )
  if (fills === null) return <p className="text-body">{broken}.</p>
  return (
    <>
      <Sheet
        tray={vessel}
        covers={Math.min(1, lies / wanted)}
        said={`${broken}; a full tray is about ${Math.floor((plan.pieces * wanted) / (trays * lies))} pieces.`}
      />
      <p className="mt-2 text-body">
        {fills} {trays === 1 ? 'the tray' : `all ${countWord(trays)} trays`} it lies{' '}
        <strong className="figures">{say.length(inMillimetres(lies))}</strong> {thinOrThick(lies)}; you asked for{' '}
        {say.length(inMillimetres(wanted))}.
      </p>
    </>
  )
}

/** What is broken by hand: the sheet it lies in, and what is said of it. */
function Sheet({ tray, covers, said }: { tray: Tray; covers: number; said: string }) {
  const say = useSay()
  return (
    <figure>
      <svg
        viewBox={`-22 -22 ${tray.lengthMm + 44} ${tray.widthMm + 44}`}
        className="max-h-[46vh] w-full"
        role="img"
        aria-label={`${tray.name}, ${Math.round(100 * covers)} % of it covered`}
      >
        <TrayRim tray={tray} />
        <rect
          x={(tray.lengthMm * (1 - Math.sqrt(covers))) / 2}
          y={(tray.widthMm * (1 - Math.sqrt(covers))) / 2}
          width={tray.lengthMm * Math.sqrt(covers)}
          height={tray.widthMm * Math.sqrt(covers)}
          rx={tray.round ? tray.lengthMm / 2 : 18}
          fill="var(--color-slab)"
          stroke="var(--color-slab-edge)"
        />
        <g className="fill-muted" fontSize={13} textAnchor="middle">
          <text x={tray.lengthMm / 2} y={-9}>
            {say.length(inMillimetres(tray.lengthMm))}
          </text>
          {!tray.round && (
            <text transform={`translate(-9 ${tray.widthMm / 2}) rotate(-90)`}>
              {say.length(inMillimetres(tray.widthMm))}
            </text>
          )}
        </g>
      </svg>
      <figcaption className="text-body text-muted">{said}</figcaption>
    </figure>
  )
}
