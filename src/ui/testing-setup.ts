/** What every test of a window leaves behind it is put away: the next file has the same process. */
import { cleanup, configure } from '@testing-library/react'
import { afterEach, vi } from 'vitest'
import { router } from './testing'

// a slow machine is no fault of the code: this only ends what hangs
configure({ asyncUtilTimeout: 15_000 })

afterEach(() => {
  cleanup()
  vi.useRealTimers()
  for (const goes of Object.values(router)) goes.mockReset()
})
