/** How the curves of batches are told apart: the first is live, the others by their dashes and their weight. */

export interface CurveLook {
  readonly className: string
  readonly width: number
  readonly dash?: string
}

const dashes = ['9 5', '2 5', '12 4 3 4', '5 3', '1 3', '16 5']

/** Of the nth batch set beside the first. */
export function lookOf(n: number): CurveLook {
  if (n === 0) return { className: 'stroke-cherry', width: 4 }
  const dash = dashes[(n - 1) % dashes.length]
  return n <= dashes.length
    ? { className: 'stroke-ink', width: 3, dash }
    : { className: 'stroke-angelica', width: 2.5, dash }
}
