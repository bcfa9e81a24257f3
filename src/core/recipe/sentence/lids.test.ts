import { describe, expect, it } from 'vitest'
import { faultsOf } from '../../formula/faults'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const pantry = pantryOf()
/** When the lid goes on and comes off, as it was read. */
function lids(method: string): string[] {
  const { formula } = readRecipe(`A sweet\n\n500 g sugar\n150 g corn syrup\n200 ml water\n\n${method}`, pantry)
  expect(faultsOf(formula)).toEqual([])
  return formula.steps.flatMap(({ lid, when }) => (lid === undefined ? [] : [`${lid ? 'on' : 'off'}: ${when.on}`]))
}

describe('the lid of a written recipe', () => {
  it.each([
    ['for so long', 'Boil all. Cover and boil 3 minutes. Uncover and cook to 118 °C.', ['on: boil', 'off: after']],
    [
      'from when it boils',
      'Melt all. Bring to the boil, put the lid on for 3 mins, then take it off. Boil to 118 °C.',
      ['on: boil', 'off: after'],
    ],
    [
      'from the start',
      'In a pan cook all, covered, 3 minutes. Uncover and cook to 118 °C.',
      ['on: ready', 'off: after'],
    ],
    [
      'from when it is put on',
      'Put all in a pan. Cover and cook over medium heat for 3 minutes. Uncover and cook to 118 °C.',
      ['on: ready', 'off: after'],
    ],
    ['in one sentence', 'Boil all covered for three minutes; uncover and boil to 118 °C.', ['on: ready', 'off: after']],
    [
      'until it is said',
      'Bring all to the boil, covered. Uncover, put in a thermometer, and cook to 118 °C.',
      ['on: ready', 'off: ready'],
    ],
    [
      'until it boils',
      'Put all in a pan, cover until it boils, then uncover. Cook to 118 °C.',
      ['on: ready', 'off: boil'],
    ],
  ])('is on %s', (_, method, wanted) => expect(lids(method)).toEqual(wanted))

  it.each([
    ['nobody takes it off', 'Cover and boil all to 118 °C.'],
    ['it is water that covers', 'Cover with the water and boil to 118 °C.'],
    ['it lies over what was poured', 'Boil all to 118 °C. Pour. Cover and leave overnight, then uncover and cut.'],
  ])('is none where %s', (_, method) => expect(lids(method)).toEqual([]))
})
