/** CSV that a spreadsheet takes for text and figures, never for something to carry out. */

/** What begins like a formula of a spreadsheet gets a mark before it that says it is text. */
export const AS_TEXT = { escapeFormulae: true } as const

/** A cell as it was before it got that mark. */
export const plainCell = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell)
