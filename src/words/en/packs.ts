/** Packs counted in a note: "two tins" of what was one. */
import type { PackNote } from '@/core'

const QUARTERS = ['', '¼', '½', '¾'] as const
/** ◊ Nearer than this to a quarter of a pack it is that quarter. */
const NEAR = 0.03

/** "2 tins, warmed", "1½ sticks", "about 1.3 packets". */
export function sayPacks({ count, unit, rest }: PackNote): string {
  const quarters = Math.round(4 * count)
  const near = Math.abs(count - quarters / 4) <= NEAR * count && quarters > 0
  const whole = Math.floor(quarters / 4)
  const said = near ? `${whole || ''}${QUARTERS[quarters % 4]}` : `about ${count.toFixed(1)}`
  return `${said} ${unit}${count > 1 + NEAR ? 's' : ''}${rest}`
}
