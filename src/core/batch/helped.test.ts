import { describe, expect, test } from 'vitest'
import { helped } from './helped'

const scores = (revision: number, ...of: number[]) => of.map((score) => ({ revision, score }))

describe('whether a revision helped', () => {
  test.each([
    [[...scores(2, 4, 5, 5, 4), ...scores(1, 3, 3, 2, 3)], 'better'],
    [[...scores(2, 2, 3), ...scores(1, 4, 5, 5)], 'worse'],
    [[...scores(2, 4, 3), ...scores(1, 4, 4, 3)], 'even'],
  ] as const)('%j: %s', (judged, came) => {
    expect(helped(judged)?.came).toBe(came)
  })

  test('is not said of one batch, or of one revision', () => {
    expect(helped([...scores(2, 5), ...scores(1, 3, 3, 3)])).toBeNull()
    expect(helped(scores(1, 3, 4, 5))).toBeNull()
    expect(helped([...scores(3, 5), ...scores(2, 5, 5), ...scores(1, 3, 3)])?.revision).toBe(2)
  })
})
