/** What can be chosen from, and how many at most, by pages and server alike. Apart from the schemas, which most pages have no need of. */

/** ◊ More is no day of one kitchen. */
export const MOST_ITEMS = 12
export const cooks = ['lead', 'second', 'third'] as const
export type Cook = (typeof cooks)[number]
/** ◊ Breaks of one cook in a day. */
export const MOST_BREAKS = 4

/** Pictures a batch may have, and bytes one may come in with. */
export const MOST_PICTURES = 12
export const PICTURE_BYTES = 16 * 1024 * 1024
export const pictureKinds = ['image/jpeg', 'image/png', 'image/webp'] as const

/** How a batch was pulled: what can be asked for. */
export const pulls = ['early', 'on', 'late'] as const
/** What scores can be asked for, lowest and highest. */
export const scoreBands = { poor: [1, 2], fair: [3, 3], good: [4, 5], best: [5, 5] } as const
/** Curves that can be told apart on one ladder. */
export const MOST_BESIDE = 12
