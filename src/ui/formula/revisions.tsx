'use client'

import { ArrowRight } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { ulid } from 'ulid'
import type { KitchenView } from '@/contract/kitchen'
import {
  differences,
  type FormulaDocument,
  inCelsius,
  inGrams,
  lineChanges,
  piecesOf,
  readyIn,
  type Step,
  schoolLabel,
} from '@/core'
import { BackLink } from '@/ui/kit/back-link'
import { send } from '@/ui/kit/send'
import { useSay, useTime } from '@/ui/shell/preferences'
import { lower, proseIn, sayDifference, sayDue } from '@/words'
import { conditionsOf, firstChoice } from './equipment'

export interface RevisionView {
  readonly revision: number
  readonly createdAt: string
  readonly document: FormulaDocument
}

interface Props {
  readonly id: string
  /** Newest first. */
  readonly revisions: readonly RevisionView[]
  readonly kitchen: KitchenView
}

/** Every revision, two of them side by side, and the way back to an earlier one. */
export function Revisions({ id, revisions, kitchen }: Props) {
  const newest = revisions[0] as RevisionView
  const router = useRouter()
  const time = useTime()
  const [left, setLeft] = useState(revisions[1]?.revision ?? newest.revision)
  const [right, setRight] = useState(newest.revision)
  const [problem, setProblem] = useState<string | null>(null)
  const write = useRef(ulid())
  const pick = (n: number): RevisionView => revisions.find((r) => r.revision === n) ?? newest
  const [a, b] = [pick(left), pick(right)]
  const restore = async (from: RevisionView): Promise<void> => {
    try {
      await send('POST', `/api/formulas/${id}/revisions`, {
        write: write.current,
        from: newest.revision,
        document: from.document,
      })
      write.current = ulid()
      router.refresh()
      setProblem(null)
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  return (
    <div className="flex flex-col gap-4 p-4 lg:p-6">
      <header>
        <BackLink href={`/formulas/${id}`} className="mb-1">
          {newest.document.name}
        </BackLink>
        <h1 className="casual text-page leading-tight font-extrabold">Revisions</h1>
      </header>
      {problem && (
        <p role="alert" className="rounded-control bg-cherry-wash px-4 py-3 text-body text-cherry-ink">
          {problem}
        </p>
      )}
      <div className="grid items-start gap-4 lg:grid-cols-[300px_minmax(0,1fr)]">
        <ol className="sheet px-4 py-3">
          {revisions.map((r, i) => (
            <li key={r.revision} className="border-b border-line py-2.5 last:border-0">
              <p className="flex items-baseline justify-between gap-2">
                <strong className="casual text-main">Revision {r.revision}</strong>
                <span className="text-fine text-muted" suppressHydrationWarning>
                  {time(r.createdAt, 'date')}, {time(r.createdAt, 'clock')}
                </span>
              </p>
              <p className="text-small leading-snug text-muted">
                {whatChanged(revisions[i + 1]?.document, r.document)}
              </p>
              <div className="mt-1.5 flex flex-wrap gap-1.5 text-small">
                <Pick on={left === r.revision} label="left" number={r.revision} onPick={() => setLeft(r.revision)} />
                <Pick on={right === r.revision} label="right" number={r.revision} onPick={() => setRight(r.revision)} />
                {r !== newest && (
                  <button
                    type="button"
                    onClick={() => restore(r)}
                    className="min-h-9 px-2 font-semibold underline underline-offset-4"
                  >
                    Restore it
                  </button>
                )}
              </div>
            </li>
          ))}
        </ol>
        {revisions.length > 1 ? (
          <Compare a={a} b={b} kitchen={kitchen} />
        ) : (
          <p className="sheet p-6 text-main text-muted">
            There is one revision so far. Edit the formula, and what changed will stand here side by side.
          </p>
        )}
      </div>
    </div>
  )
}

interface PickProps {
  readonly on: boolean
  readonly label: string
  readonly number: number
  onPick(): void
}

function Pick({ on, label, number, onPick }: PickProps) {
  return (
    <button
      type="button"
      aria-pressed={on}
      aria-label={`Revision ${number} on the ${label}`}
      onClick={onPick}
      className={`min-h-9 rounded-inner px-3 font-semibold ${on ? 'bg-bar text-on-bar' : 'bg-marble'}`}
    >
      {label}
    </button>
  )
}

/** What a revision changed, in a line. */
function whatChanged(before: FormulaDocument | undefined, after: FormulaDocument): string {
  if (!before) return 'as it was first written'
  const said = [
    ...lineChanges(before, after).map((c) => lower(c.name)),
    ...(before.target?.celsius === after.target?.celsius ? [] : ['target']),
    ...(before.school === after.school ? [] : [schoolLabel(after.family, after.school)]),
    ...(readyText(before) === readyText(after) ? [] : ['getting ready']),
    ...(stepChanges(before, after).length > 0 ? ['method'] : []),
  ]
  return said.length > 0 ? [...new Set(said)].slice(0, 5).join(', ') : 'words only'
}

/** What is got ready beside what the list asks for, in one line. */
const readyText = (f: FormulaDocument): string => readyIn(f).join('. ')

const stepsOf = (f: FormulaDocument): Step[] => piecesOf(f).flatMap((p) => p.formula.steps)

function stepChanges(
  before: FormulaDocument,
  after: FormulaDocument,
): { id: string; before: Step | null; after: Step | null }[] {
  const [was, is] = [stepsOf(before), stepsOf(after)]
  const ids = [...new Set([...was, ...is].map((s) => s.id))]
  return ids.flatMap((id) => {
    const a = was.find((s) => s.id === id) ?? null
    const b = is.find((s) => s.id === id) ?? null
    return JSON.stringify(a) === JSON.stringify(b) ? [] : [{ id, before: a, after: b }]
  })
}

interface CompareProps {
  readonly a: RevisionView
  readonly b: RevisionView
  readonly kitchen: KitchenView
}

function Compare({ a, b, kitchen }: CompareProps) {
  const say = useSay()
  const conditions = conditionsOf(kitchen, firstChoice(b.document, kitchen))
  const rows = differences(a.document, b.document, conditions)
  const lines = lineChanges(a.document, b.document)
  const steps = stepChanges(a.document, b.document)
  const ready = [a, b].map((r) => proseIn(readyText(r.document), say) || '—')
  const targets = [a, b].map((r) => (r.document.target ? say.temperature(inCelsius(r.document.target.celsius)) : '—'))
  const when = (step: Step | null, f: FormulaDocument): string =>
    step ? `${sayDue(step, say, f.target?.celsius ?? null)}: ${proseIn(step.say, say)}` : '—'
  return (
    <section aria-label={`Revision ${a.revision} beside ${b.revision}`} className="sheet overflow-x-auto px-5 py-4">
      <table className="w-full min-w-[520px] border-collapse text-body">
        <thead>
          <tr className="casual text-left text-main">
            <th className="w-[26%] pb-2" scope="col">
              <span className="sr-only">What</span>
            </th>
            <th className="pb-2" scope="col">
              Revision {a.revision}
            </th>
            <th className="pb-2" scope="col">
              Revision {b.revision}
            </th>
          </tr>
        </thead>
        <tbody>
          <Heading text="The sweet" />
          <Pair what="Target" before={targets[0] ?? ''} after={targets[1] ?? ''} matters={targets[0] !== targets[1]} />
          {rows.map((r) => (
            <Pair key={r.id} {...sayDifference(r, say)} matters={r.matters} />
          ))}
          <Heading text="What goes in" />
          {lines.length === 0 && <Same />}
          {lines.map((l, i) => (
            <Pair
              key={`${l.name}${i}`}
              what={l.name}
              before={l.before === null ? '—' : say.weight(inGrams(l.before))}
              after={l.after === null ? '—' : say.weight(inGrams(l.after))}
              matters
            />
          ))}
          <Heading text="Method" />
          {steps.length === 0 && ready[0] === ready[1] && <Same />}
          {ready[0] !== ready[1] && <Pair what="Got ready" before={ready[0] ?? ''} after={ready[1] ?? ''} matters />}
          {steps.map((s) => (
            <Pair
              key={s.id}
              what={(s.after ?? s.before)?.label ?? s.id}
              before={when(s.before, a.document)}
              after={when(s.after, b.document)}
              matters
            />
          ))}
        </tbody>
      </table>
    </section>
  )
}

const Heading = ({ text }: { readonly text: string }) => (
  <tr>
    <th colSpan={3} scope="rowgroup" className="border-b border-line pt-4 pb-1 text-left text-fine text-muted">
      {text}
    </th>
  </tr>
)

const Same = () => (
  <tr>
    <td colSpan={3} className="py-2 text-muted">
      the same in both
    </td>
  </tr>
)

interface PairProps {
  readonly what: string
  readonly before: string
  readonly after: string
  readonly matters: boolean
}

function Pair({ what, before, after, matters }: PairProps) {
  return (
    <tr className="border-b border-line align-top">
      <th scope="row" className="py-1.5 pr-3 text-left font-normal text-muted">
        {what}
      </th>
      <td className="py-1.5 pr-3">{before}</td>
      <td className={`py-1.5 ${matters ? 'font-semibold' : ''}`}>
        {matters && <ArrowRight size={15} aria-label="changed" className="mr-1.5 inline text-cherry" />}
        {after}
      </td>
    </tr>
  )
}
