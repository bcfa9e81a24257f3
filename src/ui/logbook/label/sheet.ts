/** How many labels go on a sheet of paper. */

export const papers = {
  a4: { name: 'A4', widthMm: 210, heightMm: 297 },
  letter: { name: 'Letter', widthMm: 215.9, heightMm: 279.4 },
} as const
export type PaperId = keyof typeof papers

/** mm; the smallest the words of a label can be read on. */
export const sizes = [
  { id: 'small', widthMm: 90, heightMm: 62 },
  { id: 'middle', widthMm: 95, heightMm: 90 },
  { id: 'large', widthMm: 190, heightMm: 90 },
] as const
export type LabelSize = (typeof sizes)[number]

/** mm a printer leaves free. */
const EDGE = 8

/** Columns and rows of a size on a paper. */
export const fits = ({ widthMm, heightMm }: LabelSize, paper: PaperId): { columns: number; rows: number } => ({
  columns: Math.max(1, Math.floor((papers[paper].widthMm - 2 * EDGE) / widthMm)),
  rows: Math.max(1, Math.floor((papers[paper].heightMm - 2 * EDGE) / heightMm)),
})
