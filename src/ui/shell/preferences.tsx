'use client'

import { createContext, type ReactNode, useContext, useState } from 'react'
import { formatTemperature, type TemperatureUnit, toFahrenheitStep } from '@/core'

export type Theme = 'day' | 'dim'

interface Preferences {
  readonly unit: TemperatureUnit
  readonly theme: Theme
  setUnit(unit: TemperatureUnit): void
  setTheme(theme: Theme): void
}

const Context = createContext<Preferences | null>(null)

const YEAR_S = 31_536_000

const remember = (name: string, value: string): void => {
  // biome-ignore lint/suspicious/noDocumentCookie: the Cookie Store API is not in every kitchen's browser
  document.cookie = `${name}=${value}; path=/; max-age=${YEAR_S}; samesite=strict`
}

interface Props {
  readonly unit: TemperatureUnit
  readonly theme: Theme
  readonly children: ReactNode
}

/** The maker's few choices, kept in cookies so that the first paint has them. */
export function PreferencesProvider({ children, ...initial }: Props) {
  const [unit, setUnit] = useState(initial.unit)
  const [theme, setTheme] = useState(initial.theme)
  const value: Preferences = {
    unit,
    theme,
    setUnit(next) {
      setUnit(next)
      remember('unit', next)
    },
    setTheme(next) {
      setTheme(next)
      remember('theme', next)
      document.documentElement.dataset.theme = next
    },
  }
  return <Context value={value}>{children}</Context>
}

export function usePreferences(): Preferences {
  const value = useContext(Context)
  if (!value) throw new Error('usePreferences needs a PreferencesProvider above it')
  return value
}

export interface TemperatureWords {
  readonly unit: TemperatureUnit
  /** "119°" */
  say(celsius: number): string
  /** A difference, "4.9". */
  step(celsius: number): string
}

/** Temperatures in the maker's unit. */
export function useTemperature(): TemperatureWords {
  const { unit } = usePreferences()
  return {
    unit,
    say: (celsius) => formatTemperature(celsius, unit),
    step: (celsius) => (unit === 'C' ? celsius : toFahrenheitStep(celsius)).toFixed(1).replace('-', '−'),
  }
}
