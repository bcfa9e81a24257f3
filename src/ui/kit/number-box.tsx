import { readNumber } from '@/core'
import { smallBox } from './labelled'

const shown = (value: number): string => String(Math.round(value * 100) / 100)

/** A box for a number not below nothing. What is typed counts when the box is left; what is no number goes away again. */
export function NumberBox({ value, onNumber }: { readonly value: number; onNumber(value: number): void }) {
  return (
    <input
      key={value}
      className={smallBox}
      inputMode="decimal"
      defaultValue={shown(value)}
      onBlur={(e) => {
        const typed = readNumber(e.target.value)
        if (typed >= 0 && typed !== value) onNumber(typed)
        else e.target.value = shown(value)
      }}
      onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
    />
  )
}
