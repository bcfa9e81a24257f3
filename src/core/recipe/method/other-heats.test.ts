/** A recipe that says to what it is boiled is boiled to that, whatever else it tells of heats. */
import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { otherHeats } from './other-heats'

const pantry = pantryOf()

/** What people write beside "boil to 118 °C": limits, what would be too hard, other cooks, other kitchens. */
const TOLD = [
  'Don’t let it go over 121 °C.',
  'Not over 121 °C.',
  'No more than 121 °C.',
  'No higher than 121 °C.',
  'At most 121 °C.',
  'Be careful not to exceed 121 °C.',
  'It should not exceed 121 °C.',
  'At 121 °C it would be too hard.',
  'Do not take it to 121 °C as I did.',
  '115 °C is too soft.',
  '115 °C is too soft and 121 °C too hard.',
  'Do not wait for 121 °C.',
  'It climbs to 121 °C off the heat.',
  'Carry-over takes it to 121 °C.',
  'The book says 121 °C but that is too hard.',
  'Others go to 121 °C.',
  'For harder ones, 121 °C.',
  'In summer 121 °C.',
  'On my thermometer that is 121 °C.',
  'Not 121 °C!',
  'NOT 121 °C.',
  'Check your thermometer in boiling water: 100 °C.',
  'Water boils at 98 °C here.',
  'Softball is 112 to 116 °C.',
  'Firm ball is 118 to 120 °C.',
  'If you overshoot to 121 °C, add a spoon of cream.',
  'If it hits 121 °C, start again.',
  '121 °C would be overcooked.',
  'At 121 °C you get bullets.',
  'At 121 °C they pull your teeth out.',
  'With 121 °C they were too hard.',
  '121 °C made them hard.',
  'We tried 121 °C and they were too hard.',
  'The first batch went to 121 °C.',
  'Batch 2 at 121 °C was chewy.',
  'It was 121 °C last time.',
  'I used to go to 121 °C.',
  'Grandma always went to 121 °C.',
  'A hotter pan would give 121 °C.',
  'Don’t go to 121 °C whatever the book says.',
  'Not a degree over 121 °C.',
  'Keep it under 121 °C.',
  'It must stay under 121 °C.',
  'It should stay below 121 °C.',
  'Make sure it does not go over 121 °C.',
  'Take care that it stays below 121 °C.',
  'Mind it does not reach 121 °C.',
  'Beware of 121 °C.',
  'It mustn’t hit 121 °C.',
  'You do not want 121 °C.',
  'There is no need to go to 121 °C.',
  'No need to go to 121 °C.',
  '118 °C, not 121 °C.',
  'The residual heat will bring it to 121 °C.',
  'It coasts up to 121 °C.',
  'The pan is hot and it will go up to 121 °C.',
  'Mine reads two degrees low so I go by 116 °C.',
  'At 1500 m cook to 113 °C.',
  'Above 1000 m go 3 degrees lower.',
  'At sea level cook to 121 °C; at 1500 m cook to 116 °C.',
  'The limit is 121 °C.',
  'Everything above 121 °C is toffee.',
  'They were rock hard at 121 °C.',
  'Once I let it run to 121 °C and had to throw it out.',
  'By mistake I went to 121 °C once.',
  'It took 20 minutes to get to 118 °C.',
  'It took me half an hour to 118 °C.',
  'From 105 °C to 118 °C takes 12 minutes.',
  'It goes from 110 °C to 118 °C in two minutes.',
  'Pulled at 117 °C last night.',
  'The shop ones are 121 °C.',
  'Some books say 121 °C.',
  'Many go to 121 °C.',
  'Other recipes take it to 121 °C.',
  'Normally caramels are boiled to 121 °C.',
  'Usually it is 121 °C.',
  'Most of my batches ended at 117 °C.',
  'Expect it to stall at 107 °C.',
  'Between 116 °C and 121 °C is a world.',
  'Anything from 116 °C to 120 °C is fine.',
  '117 °C would also do.',
  '117–119 °C is fine.',
  'That means 118 °C, no more.',
  'That 118 °C matters.',
  'Accuracy matters at 118 °C.',
]

const read = (method: string) => {
  const { formula } = readRecipe(
    `Caramels\n\n300 g sugar\n200 g glucose syrup\n300 g double cream\n60 g butter\n\nMethod\n${method}`,
    pantry,
  )
  const heats = formula.steps.flatMap((s) =>
    s.when.on === 'target' ? [formula.target?.celsius] : s.when.on === 'rises' ? [s.when.celsius] : [],
  )
  return heats.join(', ')
}

describe('a heat that is told of, and to which nobody boils', () => {
  it('changes nothing after the heat it is boiled to', () => {
    const wrong = TOLD.filter((said) => read(`Boil everything to 118 °C. ${said} Pour into a tin.`) !== '118')
    expect(wrong).toEqual([])
  })

  it('changes nothing before it', () => {
    const wrong = TOLD.filter((said) => read(`Put everything in a pan. ${said} Boil to 118 °C. Pour.`) !== '118')
    expect(wrong).toEqual([])
  })

  it('is told to the maker as what was left', () => {
    const { left } = readRecipe(
      'Caramels\n\n300 g sugar\n300 g double cream\n\nMethod\nBoil everything to 118 °C. The first batch went to 121 °C. Pour into a tin.',
      pantry,
    )
    expect(left).toContain('The first batch went to 121 °C')
  })

  it.each([
    'Cook the syrup to 145 °C',
    'Sucrose and glucose to 145 °C',
    'Back on to 119 °C',
    'Reheat to 108 °C',
    'Juice in at 140 °C on the way',
    'Deposit into moulds at 120 °C',
    'You want 118 °C',
    'The nuts go in at 118 °C',
    'When it is at 118 °C add the butter',
  ])('is none where something is done at it: %s', (said) =>
    expect([...otherHeats(['Boil the sugar to 150 °C', said])]).toEqual([]),
  )

  it('is the heat it is boiled to where nothing else says so', () =>
    expect([...otherHeats(['Put all in a pan', 'The syrup is done at 118 °C', 'It should be 118 °C'])]).toEqual([]))
})
