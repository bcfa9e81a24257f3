'use client'

import { useState } from 'react'
import { toCelsius } from '@/core'
import type { useKeys } from '@/ui/kit/keys'
import { useSay } from '@/ui/shell/preferences'

/** A temperature that is being typed. */
export interface Typed {
  /** Its digits, in the unit of who types; none yet where it is empty. */
  readonly text: string
  readonly celsius: number
  press(key: TypedKey): void
  clear(): void
}

export const ERASE = '⌫'
const DIGITS = ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9'] as const
export type TypedKey = (typeof DIGITS)[number] | typeof ERASE

/** Digits of a temperature. */
const MOST = 3

/** Keeps what is typed of a temperature, whether or not the panel that shows it has come. */
export function useTyped(): Typed {
  const say = useSay()
  const [text, setText] = useState('')
  const value = Number(text)
  return {
    text,
    celsius: say.units.temperature === 'F' ? toCelsius(value) : value,
    press: (key) => setText((t) => (key === ERASE ? t.slice(0, -1) : t.length < MOST ? t + key : t)),
    clear: () => setText(''),
  }
}

/** The keys that type a temperature, and log it. */
export const typingKeys = ({ press }: Typed, log: () => void): Parameters<typeof useKeys>[0] => ({
  ...Object.fromEntries(DIGITS.map((digit) => [digit, () => press(digit)])),
  erase: () => press(ERASE),
  enter: log,
})
