/** The last questions before the flame, and what is begun by their answers. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { KitchenView } from '@/contract/kitchen'
import { type FormulaDocument, scale } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { demoKitchen, draw, router } from '@/ui/testing'
import { StartDialog } from './start-dialog'
import { keepWeighed, weighedOf } from './weighed'

const { push } = router

const lollipops = demoFormulas['quince-lollipops'] as FormulaDocument
const plan = scale(lollipops, { size: { by: 'weight', grams: 800 } })
const ID = 'quince-lollipops'
const kitchen: KitchenView = {
  ...demoKitchen,
  channels: [{ id: 'quick-probe', name: 'quick probe, by radio' }],
}
const byEye = demoKitchen.thermometer.filter((t) => t.channel === null)

let sent: { path: string; body: Record<string, unknown> }[]
let answer: (path: string) => Response

beforeEach(() => {
  sent = []
  answer = () => Response.json({ boilId: 'B' })
  vi.stubGlobal('fetch', async (path: string, { body }: { body: string }) => {
    sent.push({ path, body: JSON.parse(body) })
    return answer(path)
  })
})
afterEach(() => sessionStorage.clear())

const open = (change: Partial<Parameters<typeof StartDialog>[0]> = {}) => {
  draw(
    <StartDialog
      kitchen={kitchen}
      plan={plan}
      lights
      hottestC={154}
      hot
      request={{ formula: ID, revision: 2, size: { by: 'weight', grams: 800 } } as never}
      {...change}
    />,
  )
  fireEvent.click(screen.getByRole('button', { name: 'Cook this batch' }))
  return within(screen.getByRole('dialog'))
}
const light = (name = 'Light the burner'): void => void fireEvent.click(screen.getByRole('button', { name }))

describe('what tells the temperature', () => {
  it('is a probe, a thermometer read by eye, or nothing: every one there is', () => {
    const dialog = open()
    for (const name of [/quick probe, by radio/, ...byEye.map((t) => new RegExp(t.name)), /No probe, by hand/])
      expect(dialog.getByRole('button', { name })).toBeDefined()
  })

  it('says of a thermometer that it does not read that high', () => {
    const low = byEye.find((t) => t.maxC < 154)
    const dialog = open()
    expect(dialog.getByRole('button', { name: new RegExp(low?.name ?? 'none') }).textContent).toContain(
      `stops at ${low?.maxC}°`,
    )
  })

  it.each([
    [/quick probe, by radio/, { channel: 'quick-probe', thermometer: null }],
    [new RegExp(byEye[0]?.name ?? 'none'), { channel: null, thermometer: byEye[0]?.id }],
    [/No probe, by hand/, { channel: null, thermometer: null }],
  ])('%s', async (name, tells) => {
    const dialog = open()
    fireEvent.click(dialog.getByRole('button', { name }))
    light()
    await waitFor(() => expect(push).toHaveBeenCalledWith('/stove/B'))
    expect(sent[0]?.body).toMatchObject({ ...tells, rate: 1, formula: ID, revision: 2 })
  })
})

describe('what is begun', () => {
  it('is said to be hot, before it is', () => {
    expect(open().getByText(/Long sleeves|long sleeves/)).toBeDefined()
  })

  it('is practice at the pace that was taken', async () => {
    fireEvent.click(open().getByRole('button', { name: /Practice, 60×/ }))
    light()
    await waitFor(() => expect(sent[0]?.body.rate).toBe(60))
  })

  it('is the first of several, by its name', () => {
    const drops = demoFormulas['rhubarb-nettle-elderflower-drops'] as FormulaDocument
    const three = scale(drops, { size: { by: 'weight', grams: 1200 } })
    expect(open({ plan: three }).getByText(`First of 3 boils: ${three.boils[0]?.label}`)).toBeDefined()
  })

  it('lights nothing where nothing is boiled first', () => {
    open({ lights: false })
    expect(screen.queryByRole('button', { name: 'Light the burner' })).toBeNull()
    expect(screen.getByRole('button', { name: 'Begin' })).toBeDefined()
  })

  it('carries the lots it was weighed from, and what the scale said, into its log, and leaves none for the next', async () => {
    const line = lollipops.lines[0]?.id ?? ''
    keepWeighed(ID, { of: plan.outGrams, grams: { [line]: 401 }, lots: { sugar: 'lot-7' } })
    open()
    light()
    await waitFor(() => expect(push).toHaveBeenCalled())
    expect(sent.map((s) => s.path)).toEqual(['/api/batches', '/api/boils/B/acts'])
    expect(sent[0]?.body.lots).toEqual(['lot-7'])
    expect(sent[1]?.body.act).toEqual({ type: 'weighed', grams: { [line]: 401 } })
    expect(weighedOf(ID, plan.outGrams)).toEqual({ of: plan.outGrams, grams: {}, lots: {} })
  })

  it('is nothing where it was weighed for another size', async () => {
    keepWeighed(ID, { of: plan.outGrams + 100, grams: { x: 1 }, lots: { sugar: 'lot-7' } })
    open()
    light()
    await waitFor(() => expect(push).toHaveBeenCalled())
    expect(sent).toHaveLength(1)
    expect(sent[0]?.body.lots).toEqual([])
  })

  it('is one batch however often it is tried, and says why it did not begin', async () => {
    answer = () =>
      Response.json({ error: { message: 'The database is away', kept: 'Nothing was begun' } }, { status: 503 })
    open()
    light()
    expect((await screen.findByRole('alert')).textContent).toBe('The database is away. Nothing was begun')
    answer = () => Response.json({ boilId: 'B' })
    light()
    await waitFor(() => expect(push).toHaveBeenCalledTimes(1))
    expect(sent[1]?.body).toEqual(sent[0]?.body)
    expect(screen.queryByRole('alert')).toBeNull()
  })
})
