import { describe, expect, it, test } from 'vitest'
import { sayPacks } from '@/words'
import { ingredientById } from '../matter/ingredients'
import { packsIn } from './pack-notes'

const said = (note: string, id: string, written: number, times: number): string | null => {
  const packs = packsIn(note, ingredientById(id), written, written * times)
  return packs && sayPacks(packs)
}

describe('packs a note counts', () => {
  test.each([
    ['one tin', 'condensed-milk', 397, 1, '1 tin'],
    ['one tin', 'condensed-milk', 397, 2, '2 tins'],
    ['one tin', 'condensed-milk', 397, 0.5, '½ tin'],
    ['a tin, warmed', 'condensed-milk', 397, 3, '3 tins, warmed'],
    ['2 sticks, soft', 'butter', 226.8, 0.75, '1½ sticks, soft'],
    ['one tin', 'condensed-milk', 397, 1.31, 'about 1.3 tins'],
    ['1 packet', 'gelatin-powder', 7, 4, '4 packets'],
  ])('“%s” of %s, %d g, times %d is %s', (note, id, written, times, now) =>
    expect(said(note, id, written, times)).toBe(now),
  )

  it('are nothing where it counts none, says something else than the formula, or speaks of what is not packed so', () => {
    expect(said('cold, in dice', 'butter', 180, 2)).toBeNull()
    expect(said('one tin', 'condensed-milk', 200, 2)).toBeNull()
    expect(said('one tin', 'sugar', 397, 2)).toBeNull()
    expect(said('', 'butter', 113, 2)).toBeNull()
    expect(said('a third for each boil', 'colour', 1.5, 2)).toBeNull()
  })
})
