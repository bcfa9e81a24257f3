'use client'

import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from 'react'
import { mayDo, type Role } from '@/contract/roles'
import { type Say, type SayTime, sayIn, timeIn, type Units } from '@/words'

export type Theme = 'day' | 'dim'

interface Preferences {
  /** What this screen may do; everything where screens do not sign in. */
  readonly may: Role
  readonly units: Units
  readonly theme: Theme
  /** The zone of the wall this window hangs on, as far as it is known. */
  readonly zone: string
  setUnits(units: Units): void
  setTheme(theme: Theme): void
}

const Context = createContext<Preferences | null>(null)

const YEAR_S = 31_536_000

const remember = (name: string, value: string): void => {
  // biome-ignore lint/suspicious/noDocumentCookie: the Cookie Store API is not in every kitchen's browser
  document.cookie = `${name}=${value}; path=/; max-age=${YEAR_S}; samesite=strict`
}

interface Props {
  readonly units: Units
  readonly theme: Theme
  readonly zone: string
  readonly may: Role
  readonly children: ReactNode
}

/** The maker's few choices, kept in cookies so that the first paint has them. */
export function PreferencesProvider({ children, ...initial }: Props) {
  const [units, setUnits] = useState(initial.units)
  const [theme, setTheme] = useState(initial.theme)
  const [zone, setZone] = useState(initial.zone)
  // the first paint is in the zone the server knew, so that both draw the same; from then on in this window's own
  useEffect(() => {
    const here = Intl.DateTimeFormat().resolvedOptions().timeZone
    setZone(here)
    remember('zone', here)
  }, [])
  const value: Preferences = {
    may: initial.may,
    units,
    theme,
    zone,
    setUnits(next) {
      setUnits(next)
      remember('units', Object.values(next).join('-'))
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

interface ForProps {
  readonly may: Role
  readonly children: ReactNode
  /** What others are shown in its place. */
  readonly otherwise?: ReactNode
}

/** What only screens that may do it are shown. The door refuses it to others whatever they are shown. */
export function For({ may, children, otherwise = null }: ForProps) {
  return mayDo(usePreferences().may, may) ? children : otherwise
}

/** Figures in the maker's units. */
export function useSay(): Say {
  const { units } = usePreferences()
  return useMemo(() => sayIn(units), [units])
}

/** Times in the zone of this window. */
export function useTime(): SayTime {
  const { zone } = usePreferences()
  return useMemo(() => timeIn(zone), [zone])
}
