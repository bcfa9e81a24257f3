import { describe, expect, it } from 'vitest'
import { actOf } from './button'

describe('the button of a step', () => {
  it.each([
    ['Snap into chunks', 'Broken'],
    ['Break into shards', 'Broken'],
    ['Cut into squares', 'Cut'],
    ['Set the candy thermometer in place', 'Go on'],
    ['Let it set', 'It has rested'],
    ['Whisk until smooth', 'Beaten'],
    ['Cook to the hard crack', 'It is there'],
  ])('of “%s” says “%s”', (sentence, act) => {
    expect(actOf(sentence, false)).toBe(act)
  })

  it('says of what is in already what is waited for, and of what goes in that it is in', () => {
    expect(actOf('Whisk agar into the liquid, bring to the boil and simmer 2 min', false, 'before')).toBe('It is there')
    expect(actOf('Add the sugar by thirds, caramelise to 180°', false, 'before')).toBe('It is there')
    expect(actOf('In a large pot whisk coconut milk and sugar', false, 'now')).toBe('It is in')
    expect(actOf('Butter and salt', false, 'now')).toBe('It is in')
    expect(actOf('Off heat, butter with lecithin, hand blend 1 min', true, 'before')).toBe('Blended')
  })
})
