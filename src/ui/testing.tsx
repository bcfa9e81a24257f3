/** A page for tests of components: the maker's preferences around what is drawn. */
import { fireEvent, render, screen } from '@testing-library/react'
import { AppRouterContext } from 'next/dist/shared/lib/app-router-context.shared-runtime'
import { PathnameContext } from 'next/dist/shared/lib/hooks-client-context.shared-runtime'
import type { ReactNode } from 'react'
import { vi } from 'vitest'
import type { KitchenView } from '@/contract/kitchen'
import { demoThings } from '@/demo/kitchen'
import { PreferencesProvider } from '@/ui/shell/preferences'
import { unitsFrom } from '@/words'

/** Where a page asks to go. */
export const router = {
  back: vi.fn(),
  forward: vi.fn(),
  push: vi.fn(),
  prefetch: vi.fn(),
  refresh: vi.fn(),
  replace: vi.fn(),
}

const asRouter = { ...router, bfcacheId: 'one page' }

/** Whatever is drawn stands on a page that can go elsewhere. */
export const OnPage = ({ children }: { children: ReactNode }) => (
  <AppRouterContext.Provider value={asRouter}>
    <PathnameContext.Provider value={location.pathname}>{children}</PathnameContext.Provider>
  </AppRouterContext.Provider>
)

/** Draws it in these units ("C-g-mm"). */
export const draw = (drawn: ReactNode, units = 'C-g-mm') =>
  render(
    <PreferencesProvider may="owner" units={unitsFrom(units)} theme="day" zone="UTC">
      {drawn}
    </PreferencesProvider>,
    { wrapper: OnPage },
  )

/** Opens the list of that label by its key; what it offers, by name. */
export function opened(label: string): ReadonlyMap<string, Element> {
  fireEvent.keyDown(screen.getByLabelText(label, { selector: '[role=combobox]' }), { key: 'ArrowDown' })
  return new Map([...document.querySelectorAll('[role=option]')].map((o) => [o.textContent ?? '', o]))
}

/** Takes what is called so from the list of that label. */
export function pick(label: string, option: string): void {
  const found = opened(label).get(option)
  if (!found) throw new Error(`"${label}" offers no "${option}"`)
  fireEvent.keyDown(found, { key: 'Enter' })
}

/** The demo's kitchen as a page is given it, with one scale that reports. */
export const demoKitchen = {
  ...demoThings,
  unreadable: [],
  channels: [],
  scales: [{ id: 'bench', name: 'bench scale' }],
} as unknown as KitchenView
