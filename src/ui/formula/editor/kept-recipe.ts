const KEPT = 'recipe to paste'

/** Keeps a recipe for the next page, which opens the paste window with it: there is something to ask about it. */
export const keepForPaste = (text: string): void => sessionStorage.setItem(KEPT, text)

/** The recipe kept for this page, once; null for none. */
export function takeForPaste(): string | null {
  const text = sessionStorage.getItem(KEPT)
  sessionStorage.removeItem(KEPT)
  return text
}
