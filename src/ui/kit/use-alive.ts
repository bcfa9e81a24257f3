import { useSyncExternalStore } from 'react'

const never = (): (() => void) => () => {}

/** False in what the server drew, true once the page listens: a form that is sent before would go the browser's own way. */
export const useAlive = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  )
