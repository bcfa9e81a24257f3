/** How much is made and of what size a piece is, asked for in every way there is. */
import { fireEvent, renderHook, screen, waitFor } from '@testing-library/react'
import { act } from 'react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { type FormulaDocument, type Shape, type Size, scale, type Tray, vesselsFull } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { draw } from '@/ui/testing'
import { metric, sayIn } from '@/words'
import { AllOfIt, ShapeEditor, shapeText } from './shape-editor'
import { SizeEditor, sizeText } from './size-editor'
import { useSizing } from './use-sizing'

const caramels = demoFormulas['smoked-salt-tamarind-caramels'] as FormulaDocument
const bars = demoFormulas['rye-shortcake-bars'] as FormulaDocument
const say = sayIn(metric)
const tin: Tray = { kind: 'tray', name: 'square tin', lengthMm: 196, widthMm: 196, depthMm: 48 }

afterEach(() => localStorage.clear())

function sized(size: Size, formula = caramels, vessel: Tray | null = tin) {
  const onSize = vi.fn()
  const plan = scale(formula, { size, vessel: vessel ?? undefined })
  draw(<SizeEditor formula={formula} size={size} plan={plan} vessel={vessel} onSize={onSize} />)
  return { onSize, plan }
}

describe('how much is made', () => {
  it.each([
    [{ by: 'pieces', pieces: 120 }],
    [{ by: 'weight', grams: 733 }],
    [{ by: 'vessels', count: 0.4 }],
    [{ by: 'ingredient', line: caramels.lines[1]?.id ?? '', grams: 210 }],
  ] as const)('sized by %j is shown in every other way as it is, and only what is typed changes it', (size) => {
    const { onSize, plan } = sized(size)
    const boxes = {
      Pieces: ['Good pieces', plan.pieces],
      Weight: ['Finished weight', plan.outGrams],
      Trays: [/filled to the edges/, vesselsFull(caramels, plan, tin)],
      'What I have': [/^I have this much/, plan.grams['line' in size ? size.line : (caramels.lines[0]?.id ?? '')]],
    } as const
    for (const [name, [label, value]] of Object.entries(boxes)) {
      fireEvent.click(screen.getByRole('radio', { name }))
      const box = screen.getByLabelText<HTMLInputElement>(label)
      expect(Math.abs(Number(box.value) / Number(value) - 1), name).toBeLessThan(0.01)
      fireEvent.focus(box)
      fireEvent.blur(box)
    }
    fireEvent.click(screen.getByRole('button', { name: /cream/i }))
    expect(onSize).not.toHaveBeenCalled()
    const box = screen.getByLabelText(/I have this much .*cream/)
    fireEvent.change(box, { target: { value: '500' } })
    fireEvent.blur(box)
    const cream = caramels.lines.find((l) => l.ingredient.startsWith('cream'))?.id
    expect(onSize.mock.calls).toEqual([[{ by: 'ingredient', line: cream, grams: 500 }]])
  })

  it('fills as many trays as it was asked to fill', () => {
    for (const count of [0.4, 1, 3.5]) {
      const plan = scale(caramels, { size: { by: 'vessels', count }, vessel: tin })
      expect(vesselsFull(caramels, plan, tin)).toBeCloseTo(count, 6)
    }
  })

  it('offers no trays where there is none', () => {
    sized({ by: 'weight', grams: 900 }, caramels, null)
    expect(screen.queryByRole('radio', { name: 'Trays' })).toBeNull()
  })

  it('counts whole tins of what is sold in tins, in whole tins', () => {
    const { onSize } = sized({ by: 'ingredient', line: 'fill-milk', grams: 800 }, bars)
    const box = screen.getByLabelText(/or whole tins/)
    fireEvent.change(box, { target: { value: '3' } })
    fireEvent.blur(box)
    expect(onSize).toHaveBeenCalledWith({ by: 'packs', line: 'fill-milk', unit: 'tin', count: 3 })
  })

  it.each([
    [{ by: 'pieces', pieces: 144 }, null, '144 pieces'],
    [{ by: 'weight', grams: 1380 }, null, '1\u2009380 g'],
    [{ by: 'vessels', count: 1 }, tin, '1 tray full'],
    [{ by: 'vessels', count: 3 }, tin, '3 trays full'],
    [{ by: 'packs', line: 'fill-milk', unit: 'tin', count: 1 }, null, 'what 1 tin of sweetened condensed milk gives'],
  ] as const)('%j is said as it was asked', (size, vessel, text) => {
    const said = sizeText(bars, size as Size, vessel, say)
    expect(said.replace(/\s/g, ' ')).toBe(text.replace(/\s/g, ' '))
  })

  it('is remembered by formula, and forgotten where the formula cannot be so any more', async () => {
    const { result } = renderHook(() => useSizing('a', caramels))
    act(() => result.current.onSizing({ size: { by: 'pieces', pieces: 77 } }))
    expect(result.current.size).toEqual({ by: 'pieces', pieces: 77 })
    const again = renderHook(() => useSizing('a', caramels))
    await waitFor(() => expect(again.result.current.size).toEqual({ by: 'pieces', pieces: 77 }))
    const other = renderHook(() => useSizing('b', caramels))
    expect(other.result.current.size).not.toEqual({ by: 'pieces', pieces: 77 })
    act(() => result.current.onSizing({ size: { by: 'ingredient', line: 'gone', grams: 5 } }))
    const lost = renderHook(() => useSizing('a', caramels))
    expect(lost.result.current.size).not.toMatchObject({ line: 'gone' })
  })
})

describe('the size of a piece', () => {
  const cut = caramels.shape as Extract<Shape, { kind: 'cut' }>
  const cutters = [{ id: 'r', name: '28 mm round', round: true, lengthMm: 28, widthMm: 28 }]

  it('takes a cutter’s measures, and is square again by the knife', () => {
    const onShape = vi.fn()
    draw(<ShapeEditor shape={cut} cutters={cutters} onShape={onShape} />)
    fireEvent.click(screen.getByRole('button', { name: /28 mm round.*28 mm across/ }))
    expect(onShape).toHaveBeenLastCalledWith({ ...cut, lengthMm: 28, widthMm: 28, round: true })
    fireEvent.click(screen.getByRole('button', { name: /a knife/ }))
    expect(onShape).toHaveBeenLastCalledWith(cut)
  })

  it('has its edges trimmed by so much, and by nothing leaves no trace of it', () => {
    const onShape = vi.fn()
    draw(<ShapeEditor shape={{ ...cut, trimMm: 4 }} cutters={[]} onShape={onShape} />)
    const box = screen.getByLabelText('Trim each edge by')
    for (const [text, trimMm] of [
      ['7', 7],
      ['0', undefined],
    ] as const) {
      fireEvent.change(box, { target: { value: text } })
      fireEvent.blur(box)
      expect(onShape.mock.lastCall?.[0].trimMm).toBe(trimMm)
    }
  })

  it('of a round cutter is one measure for both sides', () => {
    const onShape = vi.fn()
    draw(<ShapeEditor shape={{ ...cut, round: true }} cutters={cutters} onShape={onShape} />)
    const box = screen.getByLabelText('Across')
    fireEvent.change(box, { target: { value: '40' } })
    fireEvent.blur(box)
    expect(onShape).toHaveBeenCalledWith({ ...cut, round: true, lengthMm: 40, widthMm: 40 })
  })

  it.each([
    [cut, '22 × 22 × 16 mm'],
    [{ ...cut, round: true, lengthMm: 28, heightMm: 10 }, 'rounds of 28 mm, 10 mm high'],
    [{ kind: 'mould', millilitres: 2.6 }, '2.6 ml pieces'],
    [{ kind: 'mould', millilitres: 6, sticks: true }, '6 ml lollipops'],
    [{ kind: 'mould', millilitres: 190 }, '190 ml jars'],
    [{ kind: 'broken', thicknessMm: 6, gramsEach: 12 }, '6 mm thin'],
    [{ kind: 'broken', thicknessMm: 12, gramsEach: 34, formed: 'dropped' }, '34 g each'],
  ] as const)('%j is said in words', (shape, text) => expect(shapeText(shape as Shape, say)).toBe(text))

  it('is as high as all of it in one tin lies, and the batch stays as large as it is', () => {
    const onSizing = vi.fn()
    const plan = scale(caramels, { size: { by: 'weight', grams: 700 }, vessel: tin })
    draw(<AllOfIt formula={caramels} plan={plan} tray={tin} onSizing={onSizing} />)
    fireEvent.click(screen.getByRole('button', { name: /All of it into one square tin: .* deep/ }))
    const [[{ size, shape }]] = onSizing.mock.calls as [[{ size: Size; shape: typeof cut }]]
    expect(size).toEqual({ by: 'weight', grams: 700 })
    expect(scale(caramels, { size, shape, vessel: tin }).vessels).toBe(1)
    expect(shape.heightMm).toBeGreaterThan(10)
  })

  it('offers nothing where one tin cannot hold it', () => {
    const plan = scale(caramels, { size: { by: 'weight', grams: 90_000 }, vessel: tin })
    draw(<AllOfIt formula={caramels} plan={plan} tray={{ ...tin, lengthMm: 40, widthMm: 40 }} onSizing={vi.fn()} />)
    expect(screen.queryByRole('button')).toBeNull()
  })
})
