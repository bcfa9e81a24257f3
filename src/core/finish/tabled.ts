/** Chocolate worked on a stone: how much of it goes there, how fast it comes down, and where all of it stands once it is back in the bowl. */

import { coolsTo, stoneShare, worksAt } from '../cooling/chocolate'
import { type Course, celsiusAt, lumpCourse, whenDownTo } from '../cooling/course'
import { bookTau } from '../cooling/pot'
import { pouredSlab, slabCourse } from '../cooling/slab'
import type { Chocolate } from '../craft/handwork'
import type { Surface } from '../craft/surfaces'
import type { Mix } from '../matter/mix'
import type { Pot } from '../pot/equipment'

/** ◊ How thin it is spread, mm; and how many times as fast as one that lies still a mass cools that is scraped up and spread again. */
const SPREAD = { mm: 5, scraped: 1.5 } as const
/** ◊ A stone where the kitchen has said nothing of one. */
const STONE: Surface = { name: 'stone', kind: 'stone', thicknessMm: 20 }

interface TabledFacts {
  readonly mix: Mix
  readonly chocolate: Chocolate
  readonly roomC: number
  readonly pot: Pot
  readonly surfaces?: readonly Surface[]
}

export interface Tabled {
  readonly stone: Surface
  /** What lies on the stone, and what is left in the bowl, from the moment it is spread. */
  readonly onStone: Course
  readonly inBowl: Course
  /** Share of the whole that is to be spread, and s until that has come down to where its crystals form. */
  readonly share: number
  readonly seconds: number
}

/** Molten chocolate at `startC`, spread at `from`, s; it comes down `pace` times as fast as the book says. */
export function tabledFrom(
  { mix, chocolate, roomC, pot, surfaces }: TabledFacts,
  from: number,
  startC: number,
  pace = 1,
): Tabled {
  const stone = surfaces?.find((s) => s.kind === 'stone') ?? STONE
  const slab = pouredSlab(mix, startC, roomC, { depthMm: SPREAD.mm, into: 'bare' })
  const onStone = slabCourse(slab, startC, [{ from, on: stone }], pace * SPREAD.scraped)
  const inBowl = lumpCourse(from, startC, roomC, bookTau(mix, pot, startC))
  const down = whenDownTo(onStone, coolsTo(chocolate))
  const share = stoneShare(
    celsiusAt(inBowl, Number.isFinite(down) ? down : from),
    coolsTo(chocolate),
    worksAt(chocolate),
  )
  return { stone, onStone, inBowl, share, seconds: down - from }
}

/** Where all of it stands once it is back in the bowl at `at`, s. */
export const gatheredAt = ({ onStone, inBowl, share }: Tabled, at: number): number =>
  share * celsiusAt(onStone, at) + (1 - share) * celsiusAt(inBowl, at)
