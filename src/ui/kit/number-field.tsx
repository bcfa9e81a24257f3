'use client'

import { useId, useState } from 'react'
import { usePreferences } from '@/ui/shell/preferences'
import { type MeasureId, measureOf } from '@/words'
import { cn } from './cn'

interface Props {
  readonly label: string
  /** For those who cannot see what stands around it. */
  readonly hiddenLabel?: boolean
  readonly as?: MeasureId
  /** Null where nothing is known. */
  readonly value: number | null
  readonly least?: number
  readonly most?: number
  readonly hint?: string
  readonly small?: boolean
  readonly disabled?: boolean
  readonly className?: string
  onValue(value: number): void
  /** The box was emptied; without it, it has to hold a figure. */
  onEmpty?(): void
  /** What was typed cannot be: the form around it must not take what stood there before. */
  onInvalid?(): void
}

/**
 * A figure with its unit. Whatever unit, fraction or decimal comma is typed is understood; it counts when the box is left
 * or Enter is pressed, whole or not at all: until then, and for what cannot be, everything stays as it was, and says so.
 */
export function NumberField(props: Props) {
  const {
    label,
    as = 'number',
    value,
    least = 0,
    most = Number.POSITIVE_INFINITY,
    small,
    onValue,
    onEmpty,
    onInvalid,
  } = props
  const { units } = usePreferences()
  const id = useId()
  const measure = measureOf(as)
  const [typed, setTyped] = useState<string | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const take = (): void => {
    if (typed === null) return
    if (onEmpty && typed.trim() === '') {
      setTyped(null)
      onEmpty()
      return
    }
    const next = measure.read(typed, units)
    const wrong = wrongWith(next, least, most, (n) => `${measure.show(n, units)} ${measure.unit(units)}`.trim())
    setProblem(wrong)
    if (wrong) {
      onInvalid?.()
      return
    }
    setTyped(null)
    // a figure that only looks the same in these units has not been changed
    if (value === null || measure.show(next, units) !== measure.show(value, units)) onValue(next)
  }
  const unit = measure.unit(units)
  return (
    <div className={cn(!small && 'mb-2', props.className)}>
      <label
        htmlFor={id}
        className={
          props.hiddenLabel ? 'sr-only' : cn('block text-muted', small ? 'mb-0.5 text-fine' : 'mb-1 text-small')
        }
      >
        {label}
      </label>
      <div className="flex items-center gap-2">
        <input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          disabled={props.disabled}
          value={typed ?? (value === null ? '' : measure.show(value, units))}
          aria-invalid={problem !== null}
          aria-describedby={problem || props.hint ? `${id}-said` : undefined}
          onChange={(e) => {
            setTyped(e.target.value)
            setProblem(null)
          }}
          onBlur={take}
          onKeyDown={(e) => {
            if (e.key === 'Enter') take()
            if (e.key === 'Escape') {
              setTyped(null)
              setProblem(null)
            }
          }}
          className={cn(
            'figures w-full border border-line bg-[var(--box,var(--marble))] aria-invalid:border-cherry',
            small ? 'min-h-10 rounded-inner px-2.5 text-body' : 'min-h-12 rounded-control px-3 text-title',
          )}
        />
        {unit && <span className="shrink-0 text-body text-muted">{unit}</span>}
      </div>
      {(problem || props.hint) && (
        <p
          id={`${id}-said`}
          role={problem ? 'alert' : undefined}
          className={cn('mt-1 text-fine', problem ? 'text-cherry' : 'text-muted')}
        >
          {problem ?? props.hint}
        </p>
      )}
    </div>
  )
}

function wrongWith(n: number, least: number, most: number, say: (n: number) => string): string | null {
  if (Number.isNaN(n)) return 'That is not one figure. Everything stays as it was.'
  if (n < least || (least === 0 && n < 0)) return `At least ${say(least)}. Everything stays as it was.`
  return n > most ? `At most ${say(most)}. Everything stays as it was.` : null
}
