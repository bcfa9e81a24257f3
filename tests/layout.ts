/** What is wrong with how the words of a page stand: cut off, lying on each other, or covered. */
import type { Page } from '@playwright/test'

/** What the app is used on: a laptop, a tablet and a phone. */
export const SIZES = [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
  { width: 390, height: 844 },
] as const

/** A sentence for each fault; none where every word can be read. */
export const layoutFaults = (page: Page): Promise<string[]> => page.evaluate(findFaults)

/** What stands out over the right edge of a page, so that it scrolls across; nothing where it does not. */
export const standsOut = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const { scrollWidth, clientWidth } = document.documentElement
    if (scrollWidth <= clientWidth) return []
    return [...document.querySelectorAll('body *')].flatMap((e) =>
      e.getBoundingClientRect().right >= scrollWidth - 1 ? [`${e.tagName} ${e.getAttribute('class')}`] : [],
    )
  })

/** Boxes that hide some of what is written in them. */
export const cutInBoxes = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [
      ...document.querySelectorAll<HTMLInputElement | HTMLTextAreaElement>(
        'input[type=text], input:not([type]), textarea',
      ),
    ]
      .filter((e) => e.value && (e.scrollWidth > e.clientWidth + 1 || e.scrollHeight > e.clientHeight + 1))
      .map((e) => `${e.ariaLabel ?? e.labels?.[0]?.textContent}: ${e.value}`),
  )

/** Runs in the page. */
function findFaults(): string[] {
  interface Words {
    readonly text: string
    readonly element: Element
    readonly rect: DOMRect
  }
  /** px that rounding may be off by. */
  const SLACK = 1.5
  /** Share of a line's height over its letters, and under them. */
  const AIR = 0.15

  /** Asked once of each element: many words have the same ones around them. */
  function once<T>(ask: (element: Element) => T): (element: Element) => T {
    const known = new Map<Element, T>()
    return (element) => {
      if (!known.has(element)) known.set(element, ask(element))
      return known.get(element) as T
    }
  }
  const boxOf = once((element) => element.getBoundingClientRect())
  const styleOf = once((element) => {
    const { overflowX, overflowY, position } = getComputedStyle(element)
    return { overflowX, overflowY, position }
  })

  const seen = (element: Element): boolean => {
    const { width, height } = boxOf(element)
    return element.checkVisibility({ opacityProperty: true }) && (width > 1 || height > 1)
  }
  /** For ears only. */
  const unseen = (element: Element): boolean => element.closest('.sr-only, [hidden]') !== null

  function wordsOf(root: Element): Words[] {
    const found: Words[] = []
    const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const element = node.parentElement
      const text = node.textContent?.trim() ?? ''
      if (!text || !element || unseen(element) || !seen(element)) continue
      const range = document.createRange()
      range.selectNodeContents(node)
      // letters take less than the line that holds them
      for (const { left, top, width, height } of range.getClientRects())
        if (width > 1)
          found.push({ text, element, rect: new DOMRect(left, top + AIR * height, width, (1 - 2 * AIR) * height) })
    }
    return found
  }

  /** The part of a page that cuts these words off, if one does. */
  function cutBy({ element, rect }: Words): Element | null {
    for (let at: Element | null = element; at && at !== document.body; at = at.parentElement) {
      const { overflowX, overflowY, position } = styleOf(at)
      const box = boxOf(at)
      const across = overflowX !== 'visible' && (rect.left < box.left - SLACK || rect.right > box.right + SLACK)
      const down = overflowY !== 'visible' && (rect.top < box.top - SLACK || rect.bottom > box.bottom + SLACK)
      if ((across || down) && !at.hasAttribute('data-scrolls')) return at
      // what is scrolled away inside a list that may scroll is for that list to show
      if (across || down || position === 'fixed') return null
    }
    return null
  }

  const meet = (a: DOMRect, b: DOMRect): boolean =>
    Math.min(a.right, b.right) - Math.max(a.left, b.left) > 2 &&
    Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 3

  const isFixed: (element: Element) => boolean = once(
    (element) =>
      styleOf(element).position === 'fixed' || (element.parentElement !== null && isFixed(element.parentElement)),
  )

  const main = document.querySelector('main')
  if (!main) return ['there is no page']
  const words = wordsOf(main)
  const faults: string[] = []
  for (const w of words) {
    const by = cutBy(w)
    if (by)
      faults.push(
        `"${w.text}" is cut off by ${by.tagName.toLowerCase()}.${String(by.getAttribute('class')).slice(0, 60)}`,
      )
    const card = w.element.closest('button')?.getBoundingClientRect()
    if (
      card &&
      (w.rect.top < card.top - SLACK || w.rect.bottom > card.bottom + SLACK || w.rect.right > card.right + SLACK)
    )
      faults.push(`"${w.text}" runs over its button`)
    if (w.rect.right > innerWidth + SLACK && !w.element.closest('[data-scrolls]'))
      faults.push(`"${w.text}" runs off the screen`)
  }
  /** Whether these words wait to be scrolled to. */
  const scrolledAway = ({ element, rect }: Words): boolean => {
    const box = element.closest('[data-scrolls]')?.getBoundingClientRect()
    return box !== undefined && (rect.top > box.bottom - SLACK || rect.bottom < box.top + SLACK)
  }
  const still = words.filter((w) => !isFixed(w.element) && !scrolledAway(w))
  for (const [i, a] of still.entries())
    for (const b of still.slice(i + 1))
      if (a.element !== b.element && meet(a.rect, b.rect)) faults.push(`"${a.text}" lies on "${b.text}"`)
  return [...new Set(faults)]
}
