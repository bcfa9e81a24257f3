/** Getting ready: what a formula says itself stands among the rest, is ticked like it, and is written line by line. */
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { afterEach, expect, it, vi } from 'vitest'
import { type FormulaDocument, withReady } from '@/core'
import { testConditions } from '@/core/testing'
import { demoBoil } from '@/demo/formulas'
import { demoKitchen, draw } from '@/ui/testing'
import { Steps } from './editor/steps'
import { ReadyView } from './ready-view'
import { type Sized, sizeBatch } from './size-batch'

const caramels = demoBoil('smoked-salt-tamarind-caramels')

afterEach(() => sessionStorage.clear())

function getReady(formula: FormulaDocument, units?: string) {
  const sized = sizeBatch(formula, { by: 'weight', grams: 900 }, formula.shape, testConditions, null) as Sized
  draw(
    <ReadyView
      id="own"
      formula={formula}
      kitchen={demoKitchen}
      sized={sized}
      conditions={testConditions}
      vessel={null}
    />,
    units,
  )
}
const boxes = (): string[] => screen.getAllByRole('checkbox').map((box) => box.closest('label')?.textContent ?? '')

it('has what the formula says itself, in its turn, and each is ticked by itself', () => {
  getReady(withReady(caramels, ['Heat the oven to 120°', 'Roast the seeds for 12 min', 'Grind the salt']))
  const at = (what: string): number => boxes().findIndex((text) => text.includes(what))
  expect(at('Heat the oven')).toBeGreaterThanOrEqual(0)
  expect(at('Heat the oven')).toBeLessThan(at('Roast the seeds'))
  expect(at('Roast the seeds')).toBeLessThan(at('Grind the salt'))
  fireEvent.click(screen.getAllByRole('checkbox')[at('Roast the seeds')] as HTMLElement)
  const ticked = screen
    .getAllByRole('checkbox')
    .filter((box) => box.getAttribute('aria-checked') === 'true' || (box as HTMLInputElement).checked)
  expect(ticked.length).toBe(1)
  expect(screen.getByRole('heading', { name: /to do, begin/ })).toBeDefined()
})

it('is said in °F to whoever reads that, and the day before in hours', () => {
  getReady(withReady(caramels, ['Heat the oven to 120°', 'Soak the tamarind overnight']), 'F-oz-in')
  expect(boxes().some((text) => text.includes('Heat the oven to 248°'))).toBe(true)
  expect(screen.getByRole('heading', { name: /begin 8 h \d\d before the flame/ })).toBeDefined()
})

it('is written a line each, and is none where every line is empty', () => {
  const onFormula = vi.fn()
  draw(<Steps formula={withReady(caramels, ['Pop the corn'])} onFormula={onFormula} />)
  const box = screen.getByLabelText('Got ready before the heat goes on, a line each')
  expect((box as HTMLTextAreaElement).value).toBe('Pop the corn')
  fireEvent.change(box, { target: { value: 'Pop the corn\nHeat the oven' } })
  expect(onFormula.mock.calls.at(-1)?.[0].ready).toEqual(['Pop the corn', 'Heat the oven'])
  fireEvent.change(box, { target: { value: Array.from({ length: 60 }, (_, i) => `Do ${i}`).join('\n') } })
  expect(onFormula.mock.calls.at(-1)?.[0].ready).toHaveLength(40)
  cleanup()
  draw(<Steps formula={withReady(caramels, ['', ' '])} onFormula={onFormula} />)
  fireEvent.blur(screen.getByLabelText('Got ready before the heat goes on, a line each'))
  expect(onFormula.mock.calls.at(-1)?.[0].ready).toBeUndefined()
})
