/** A page for tests of components: the maker's preferences around what is drawn. */
import { cleanup, configure, render } from '@testing-library/react'
import type { ReactNode } from 'react'
import { afterEach } from 'vitest'
import { PreferencesProvider } from '@/ui/shell/preferences'
import { unitsFrom } from '@/words'

afterEach(cleanup)

// a slow machine is no fault of the code: this only ends what hangs
configure({ asyncUtilTimeout: 15_000 })

/** Draws it in these units ("C-g-mm"). */
export const draw = (drawn: ReactNode, units = 'C-g-mm') =>
  render(
    <PreferencesProvider may="owner" units={unitsFrom(units)} theme="day" zone="UTC">
      {drawn}
    </PreferencesProvider>,
  )
