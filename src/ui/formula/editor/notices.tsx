import type { ComponentProps, ReactNode } from 'react'
import type { Draft } from './use-draft'

/** A part with lines that wait for an answer; the whole where `part` is null. */
export interface Asked {
  readonly part: string | null
  readonly label: string
}

interface Props {
  /** What an earlier visit left unsaved. */
  readonly earlier: Draft | null
  /** What the last change did. */
  readonly said: readonly string[]
  readonly problem: string | null
  /** How many lines wait for an answer, and the parts they are in that are not shown. */
  readonly waiting: number
  readonly elsewhere: readonly Asked[]
  onShow(part: string | null): void
  /** True to go on with what was left, false to drop it. */
  onEarlier(goOn: boolean): void
  /** True where the change is right, false to take it back. */
  onSaid(right: boolean): void
}

/** What the writer should know before going on, each with its answers beside it. */
export function Notices({ earlier, said, problem, waiting, elsewhere, onShow, onEarlier, onSaid }: Props) {
  return (
    <>
      {earlier && (
        <Strip>
          There are changes here from an earlier visit that were not saved.
          <Act onClick={() => onEarlier(true)}>Go on with them</Act>
          <Act onClick={() => onEarlier(false)}>Drop them</Act>
        </Strip>
      )}
      {said.length > 0 && (
        <Strip>
          <span>{said.join(' · ')}</span>
          <Act onClick={() => onSaid(false)}>Take it back</Act>
          <Act onClick={() => onSaid(true)}>Right</Act>
        </Strip>
      )}
      {problem && (
        <p role="alert" className="rounded-control bg-cherry-wash px-4 py-3 text-body text-cherry-ink">
          {problem}
        </p>
      )}
      {waiting > 0 && (
        <p className="flex flex-wrap items-center gap-x-4 text-body text-muted">
          {waiting === 1 ? 'One line waits' : `${waiting} lines wait`} for an answer before this can be saved.
          {elsewhere.map(({ part, label }) => (
            <Act key={part ?? ''} onClick={() => onShow(part)}>
              Look at {label.toLowerCase()}
            </Act>
          ))}
        </p>
      )}
    </>
  )
}

function Strip({ children }: { readonly children: ReactNode }) {
  return (
    <div
      role="status"
      className="flex flex-wrap items-center gap-x-4 gap-y-1 rounded-control bg-lemon px-4 py-2.5 text-body text-on-lemon"
    >
      {children}
    </div>
  )
}

function Act(props: ComponentProps<'button'>) {
  return <button type="button" className="min-h-9 font-semibold underline underline-offset-4" {...props} />
}
