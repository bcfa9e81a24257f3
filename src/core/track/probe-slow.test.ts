import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoHistory } from '@/demo/history'
import { chance } from '../../../tests/rough/chance'
import type { Reading } from '../log/readings'
import { lagIn, probeLag } from './probe-slow'

/** What a probe of time constant `lag` reads of a syrup that climbs, out of the pot from `out` to `back`, s. */
function log(lag: number, { out, back, until = back + 200 }: { out: number; back: number; until?: number }, seed = 1) {
  const c = chance(seed, 5)
  const readings: Reading[] = []
  let tip = 108
  for (let at = 0; at <= until; at += 0.25) {
    const around = at >= out && at < back ? 35 : 108 + at / 60
    tip += ((around - tip) * 0.25) / lag
    if (at % 1 === 0) readings.push({ at, celsius: Math.round((tip + 0.15 * c.normal()) * 10) / 10 })
  }
  return readings
}

describe('how slow a probe is', () => {
  it('is read off its coming back into the pot, to a few tenths of itself', () => {
    for (const lag of [2, 4, 7, 12, 20])
      for (const seed of [1, 2, 3, 4])
        expect(Math.abs(Math.log((lagIn(log(lag, { out: 200, back: 240 }, seed)) ?? 0) / lag))).toBeLessThan(0.2)
  })

  it('is not told by a pot it never left, nor by something cold that goes in', () => {
    expect(lagIn(log(5, { out: 1e6, back: 1e6, until: 600 }))).toBeNull()
    // cream: the syrup itself falls and climbs again, slowly
    const fed = Array.from({ length: 600 }, (_, at): Reading => {
      const celsius = at < 200 ? 150 : 112 + Math.min(38, (at - 200) / 12) + 38 * Math.exp(-(at - 200) / 6)
      return { at, celsius: Math.round(celsius * 10) / 10 }
    })
    expect(lagIn(fed)).toBeNull()
  })

  it('is not told by cold things in a boiling syrup, which falls and boils again within a minute', () => {
    const splash = Array.from({ length: 600 }, (_, at): Reading => {
      const since = at - 200
      const celsius = since < 0 ? 108 : since < 15 ? 108 - 2 * since : 108 - 30 * Math.exp(-(since - 15) / 12)
      return { at, celsius: Math.round(celsius * 10) / 10 }
    })
    expect(lagIn(splash, [200])).toBeNull()
  })

  it('is told by none of the demo’s cooks, where the probe stays in the pot', () => {
    for (const { boils } of demoHistory())
      for (const { events, readings } of boils) {
        const fed = events.flatMap((e) =>
          e.act.type === 'step' ? [(Date.parse(e.at) - (readings[0]?.at.getTime() ?? 0)) / 1000] : [],
        )
        const first = readings[0]?.at.getTime() ?? 0
        expect(
          lagIn(
            readings.map((r) => ({ at: (r.at.getTime() - first) / 1000, celsius: r.celsius })),
            fed,
          ),
        ).toBeNull()
      }
  })

  it('lies between what its maker says and what was seen, nearer to that the more often, and never certain', () => {
    const seconds = fc.double({ min: 1, max: 40, noNaN: true })
    fc.assert(
      fc.property(seconds, seconds, fc.integer({ min: 1, max: 30 }), (told, seen, times) => {
        const [plain, once, often] = [[], [seen], Array.from({ length: times }, () => seen)].map((s) =>
          probeLag(told, s),
        )
        if (!plain || !once || !often) throw new Error('three were asked for')
        if (Math.abs(Math.log(seen / (1.25 * told))) > Math.log(3)) return
        const off = (lag: { seconds: number }) => Math.abs(Math.log(lag.seconds / seen))
        expect(off(often)).toBeLessThanOrEqual(off(once) + 1e-9)
        expect(off(once)).toBeLessThanOrEqual(off(plain) + 1e-9)
        expect(often.sd).toBeLessThanOrEqual(once.sd)
        expect(once.sd).toBeLessThan(plain.sd)
        expect(often.sd).toBeGreaterThan(0.1)
      }),
    )
  })
})
