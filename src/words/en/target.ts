/** The target as it is written on a curve. */
import { type Analysis, inCelsius, waterShare } from '@/core'
import { formatShare } from '../format'
import type { Say } from '../units'
import { sayBite } from './names'

/** "target 149° · snaps clean, 2.3 % water"; of chocolate, that it is molten there. */
export const sayTarget = (a: Analysis, say: Say): string =>
  a.work === 'tempered'
    ? `molten at ${say.temperature(inCelsius(a.targetC))}`
    : `target ${say.temperature(inCelsius(a.targetC))} · ${sayBite(a)}, ${formatShare(waterShare(a.atTarget))} water`
