import { describe, expect, it, test } from 'vitest'
import { sugarColour } from '@/ui/chart/ladder-scale'
import { type Pixels, shadeOf } from './shade'

/** A piece of a shade on paper, in a light that is dimmer and warmer than day. */
function photographed(celsius: number, light: readonly [number, number, number], paper = true): Pixels {
  const [width, height] = [60, 40]
  const piece = (sugarColour(celsius).match(/\d+/g) ?? []).map(Number)
  const data = new Uint8ClampedArray(4 * width * height)
  const lit = (c: number, k: number): number => {
    const lin = c <= 10 ? c / 3295 : ((c / 255 + 0.055) / 1.055) ** 2.4
    const dim = lin * (light[k] as number)
    return 255 * (1.055 * dim ** (1 / 2.4) - 0.055)
  }
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const on = !paper || (x > 20 && x < 40 && y > 10 && y < 30)
      for (let k = 0; k < 3; k++) data[4 * (y * width + x) + k] = lit(on ? (piece[k] as number) : 250, k)
    }
  return { data, width, height }
}

const middle = { x: 0.5, y: 0.5 }

describe('the shade of a sweet in a picture', () => {
  test.each([150, 160, 168, 175, 183, 190])('of %d° is read off within its doubt, in any light', (celsius) => {
    for (const light of [
      [0.9, 0.9, 0.9],
      [0.55, 0.5, 0.42],
      [0.5, 0.52, 0.6],
    ] as const) {
      const found = shadeOf(photographed(celsius, light), middle)
      expect(Math.abs((found?.celsius ?? 0) - celsius)).toBeLessThan(2 * (found?.sd ?? 0))
      expect(found?.sd).toBeLessThan(15)
    }
  })

  it('is not read where there is no paper, or no light on it', () => {
    expect(shadeOf(photographed(185, [0.9, 0.9, 0.9], false), middle)).toBeNull()
    expect(shadeOf(photographed(170, [0.1, 0.1, 0.1]), middle)).toBeNull()
  })
})
