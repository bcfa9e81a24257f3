/** The weigh list, and the scale that ticks it. */
import { act, fireEvent, screen, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { type FormulaDocument, ingredientIn, scale } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { demoKitchen, draw } from '@/ui/testing'
import { FakeSource } from '@/workers/testing'
import { WeighList } from './weigh-list'
import { WeighStation } from './weigh-station'
import { weighedOf } from './weighed'

const book = (id: string): FormulaDocument => demoFormulas[id] as FormulaDocument
const lollipops = book('quince-lollipops')
const drops = book('rhubarb-nettle-elderflower-drops')
const bars = book('rye-shortcake-bars')

let wanted: (number | null)[]

beforeEach(() => {
  FakeSource.all = []
  wanted = []
  vi.stubGlobal('EventSource', FakeSource)
  vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
    wanted.push((JSON.parse(body) as { grams: number | null }).grams)
    return Response.json({})
  })
})
afterEach(() => sessionStorage.clear())

describe('what is weighed', () => {
  const list = (formula: FormulaDocument, grams: number, units?: string, kitchen = demoKitchen) => {
    const plan = scale(formula, { size: { by: 'weight', grams } })
    const { container } = draw(<WeighList formula={formula} plan={plan} priced={kitchen.ingredient} />, units)
    return { plan, text: container.textContent ?? '' }
  }

  it('is said for each boil where one cannot hold it all, and times their number altogether', () => {
    const { plan, text } = list(drops, 1200)
    expect(plan.boils.length).toBe(3)
    expect(text).toContain('for each of 3 boils')
    expect(text).toMatch(/Altogether.*× 3/)
  })

  it('stands part by part where there are parts', () => {
    list(bars, 1200)
    for (const part of bars.parts ?? [])
      expect(screen.getByRole('heading', { name: new RegExp(part.label) })).toBeDefined()
  })

  it('adds up: the shares are of all that goes in', () => {
    list(lollipops, 800)
    const shares = screen.getAllByRole('row').map((r) => Number(/([\d.]+)\s?%$/.exec(r.textContent ?? '')?.[1] ?? 0))
    expect(shares.reduce((a, b) => a + b, 0)).toBeGreaterThan(99)
    expect(shares.reduce((a, b) => a + b, 0)).toBeLessThan(101)
  })

  it('is in ounces for whoever weighs so, every line of it', () => {
    const { text } = list(lollipops, 800, 'F-oz-in')
    expect(text).toMatch(/\boz\b/)
    expect(text).not.toMatch(/\d\s?g\b/)
  })

  it('costs what is priced, and says how much of it is', () => {
    const sugar = lollipops.lines[0]
    const ingredient = ingredientIn(lollipops, sugar?.ingredient ?? '')
    const kitchen = { ...demoKitchen, ingredient: [{ ingredient, pricePerKg: 2 }] } as unknown as typeof demoKitchen
    const { plan, text } = list(lollipops, 800, undefined, kitchen)
    const lines = lollipops.lines.filter((l) => l.ingredient === sugar?.ingredient)
    const cost = lines.reduce((sum, l) => sum + (plan.grams[l.id] ?? 0) / 500, 0)
    expect(text).toContain(`Costs, of ${lines.length} priced in ${lollipops.lines.length}${cost.toFixed(2)}`)
  })

  it('costs nothing that is said where nothing is priced', () => {
    const { text } = list(lollipops, 800, undefined, { ...demoKitchen, ingredient: [] })
    expect(text).not.toContain('Costs')
  })
})

describe('a scale that ticks the list', () => {
  const plan = scale(lollipops, { size: { by: 'weight', grams: 800 } })
  const first = lollipops.lines[0]?.id ?? ''
  const grams = plan.grams[first] ?? 0
  const station = (lots = demoKitchen.lot) =>
    draw(<WeighStation id="quince" formula={lollipops} plan={plan} kitchen={{ ...demoKitchen, lot: lots }} />)
  const listening = async (): Promise<FakeSource> => {
    station([])
    fireEvent.click(screen.getByRole('button', { name: 'Listen to the bench scale' }))
    await waitFor(() => expect(FakeSource.all).toHaveLength(1))
    return FakeSource.last
  }
  const shows = (source: FakeSource, g: number, still = 5): void =>
    act(() => source.onmessage?.({ data: JSON.stringify({ grams: g, still, at: new Date(0).toISOString() }) }))
  const left = () => Number(/(\d+) to go/.exec(screen.getByRole('heading').textContent ?? '')?.[1] ?? 0)

  it('takes a line once it lies there still, keeps its grams, and asks for the next', async () => {
    const source = await listening()
    const all = left()
    expect(screen.getByRole('status').textContent).toContain('the scale has not spoken yet')
    shows(source, 0)
    shows(source, grams + 0.4)
    expect(left()).toBe(all - 1)
    expect(weighedOf('quince', plan.outGrams).grams).toEqual({ [first]: grams + 0.4 })
    expect(wanted.at(-1)).not.toBe(wanted[0])
  })

  it.each([
    ['it still moves', grams, 0.5, /on the scale/],
    ['there is too little', grams - 20, 5, /to go/],
    ['there is too much', grams + 20, 5, /too much/],
  ])('takes nothing while %s', async (_, g, still, said) => {
    const source = await listening()
    const all = left()
    shows(source, 0)
    shows(source, g, still)
    expect(left()).toBe(all)
    expect(screen.getByRole('status').textContent).toMatch(said)
    expect(weighedOf('quince', plan.outGrams).grams).toEqual({})
  })

  it('never takes what lay there for the line before: the pan is emptied or tared in between', async () => {
    const source = await listening()
    const all = left()
    shows(source, grams)
    expect(left()).toBe(all)
  })

  it('is let go of when touched again', async () => {
    const source = await listening()
    fireEvent.click(screen.getByRole('button', { name: 'Listening to the bench scale' }))
    expect(source.closed).toBe(true)
  })

  it('is not needed: lines are ticked by hand, and unticked', () => {
    station([])
    const all = left()
    const [box] = screen.getAllByRole('checkbox')
    fireEvent.click(box as HTMLElement)
    expect(left()).toBe(all - 1)
    fireEvent.click(box as HTMLElement)
    expect(left()).toBe(all)
    for (const b of screen.getAllByRole('checkbox')) fireEvent.click(b)
    expect(screen.getByRole('heading').textContent).toBe('All weighed')
  })
})
