/** One step of the method in the editor: when it falls due, what it does, and what is kept of what is typed. */
import { DndContext } from '@dnd-kit/core'
import { SortableContext } from '@dnd-kit/sortable'
import { fireEvent, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import type { FormulaDocument, Step, Trigger } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { draw, opened, pick } from '@/ui/testing'
import { StepCard } from './step-card'

const caramels = demoFormulas['smoked-salt-tamarind-caramels'] as FormulaDocument
const bars = demoFormulas['rye-shortcake-bars'] as FormulaDocument

function card(change: Partial<Step> = {}, formula = caramels, open = true, units?: string) {
  const step: Step = {
    id: 'own',
    label: 'Own',
    when: { on: 'ready' },
    say: 'Do it.',
    why: 'It is so.',
    act: 'Done',
    ...change,
  }
  const [onChange, onToggle, onRemove] = [vi.fn(), vi.fn(), vi.fn()]
  const whole = { ...formula, steps: [...formula.steps, step] }
  draw(
    <DndContext>
      <SortableContext items={[step.id]}>
        <StepCard
          formula={whole}
          step={step}
          number={7}
          open={open}
          onToggle={onToggle}
          onChange={onChange}
          onRemove={onRemove}
          onNudge={vi.fn()}
        />
      </SortableContext>
    </DndContext>,
    units,
  )
  return { onChange, onToggle, onRemove }
}

const type = (label: string, text: string): void => {
  const box = screen.getByLabelText(label)
  fireEvent.change(box, { target: { value: text } })
  fireEvent.blur(box)
}
describe('a step that is shut', () => {
  it('says when it is due and what is done, opens at a touch, and can be taken out', () => {
    const { onToggle, onRemove } = card({ when: { on: 'rises', celsius: 118 } }, caramels, false)
    const head = screen.getByRole('button', { name: /Do it\.$/ })
    expect(head.textContent).toContain('118°')
    expect(head.getAttribute('aria-expanded')).toBe('false')
    expect(screen.queryByLabelText('What to do')).toBeNull()
    fireEvent.click(head)
    fireEvent.click(screen.getByRole('button', { name: 'Take out step 7' }))
    expect([onToggle.mock.calls.length, onRemove.mock.calls.length]).toEqual([1, 1])
  })
})

describe('when a step falls due', () => {
  it.each([
    ['when it boils', { on: 'boil' }],
    ['when it reaches', { on: 'rises', celsius: 110 }],
    ['when it has cooled to', { on: 'falls', celsius: 45 }],
    ['after a time', { on: 'after', seconds: 300 }],
    ['by a sign', { on: 'sign', sign: 'clean-streak' }],
    ['when you say so', { on: 'word', word: 'ready' }],
  ] as const)('“%s” begins with what is usual', (label, when) => {
    const { onChange } = card()
    pick('When', label)
    expect(onChange).toHaveBeenCalledWith({ when })
  })

  it('is at the target for one step alone, and not at all where there is none', () => {
    card()
    expect([...opened('When').keys()]).not.toContain('at the target')
  })

  it('is a window only for work that has one', () => {
    card({ handwork: { kind: 'score' } } as Partial<Step>)
    expect([...opened('When').keys()]).toContain('when it can be done')
  })

  it('waits for another part only where there are parts, and then for the first of them to be cold', () => {
    const { onChange } = card({}, bars)
    pick('When', 'when another part is')
    expect(onChange).toHaveBeenCalledWith({ when: { on: 'part', part: bars.parts?.[0]?.id, state: 'cold' } })
  })

  it('of a part and its state are changed apart', () => {
    const [first, second] = bars.parts ?? []
    const when: Trigger = { on: 'part', part: first?.id ?? '', state: 'cold' }
    const { onChange } = card({ when }, bars)
    pick('Part', second?.label ?? '')
    pick('that', 'is firm')
    expect(onChange.mock.calls.map(([c]) => c)).toEqual([
      { when: { ...when, part: second?.id } },
      { when: { ...when, state: 'firm' } },
    ])
  })

  it('is typed in the units of the reader and kept in °C', () => {
    const { onChange } = card({ when: { on: 'rises', celsius: 110 } }, caramels, true, 'F-oz-in')
    const box = screen.getByLabelText('This warm, at sea level') as HTMLInputElement
    expect(box.value).toMatch(/^230/)
    type('This warm, at sea level', '248')
    expect(onChange).toHaveBeenCalledWith({ when: { on: 'rises', celsius: expect.closeTo(120, 6) } }, 'when own')
  })

  it('no hotter than sugar gets: nothing is half kept', () => {
    const { onChange } = card({ when: { on: 'rises', celsius: 110 } })
    type('This warm, at sea level', '900')
    expect(onChange).not.toHaveBeenCalled()
    expect(screen.getByRole('alert').textContent).not.toBe('')
  })

  it('is minutes, kept in seconds', () => {
    const { onChange } = card({ when: { on: 'after', seconds: 300 } })
    type('After', '12')
    expect(onChange).toHaveBeenCalledWith({ when: { on: 'after', seconds: 720 } }, 'when own')
  })
})

describe('what a step does', () => {
  it('puts in a group, or a whole part, never both', () => {
    const part = bars.parts?.[0]
    const { onChange } = card({}, bars)
    pick('Puts in', part?.label ?? '')
    expect(onChange).toHaveBeenCalledWith({ adds: undefined, joins: part?.id })
  })

  it('puts in nothing again', () => {
    const { onChange } = card({ adds: caramels.groups[0]?.id })
    pick('Puts in', 'nothing')
    expect(onChange).toHaveBeenCalledWith({ adds: undefined, joins: undefined })
  })

  it.each([
    ['off the heat', { offHeat: true, heat: undefined }],
    ['6', { offHeat: undefined, heat: 6 }],
    ['as it is', { offHeat: undefined, heat: undefined }],
  ] as const)('turns the heat: “%s”', (label, change) => {
    const { onChange } = card({ heat: 4 })
    pick('Heat', label)
    expect(onChange).toHaveBeenCalledWith(change)
  })

  it.each([
    ['on', true],
    ['off', false],
    ['as it is', undefined],
  ] as const)('lid: “%s”', (label, lid) => {
    const { onChange } = card({ lid: label !== 'on' })
    pick('Lid', label)
    expect(onChange).toHaveBeenCalledWith({ lid })
  })

  it('keeps no empty list of cautions', () => {
    const { onChange } = card({ cautions: ['foam'] } as Partial<Step>)
    const boxes = screen.getAllByRole('checkbox').filter((b) => b.getAttribute('aria-checked') === 'true')
    expect(boxes).toHaveLength(1)
    fireEvent.click(boxes[0] as HTMLElement)
    expect(onChange).toHaveBeenCalledWith({ cautions: undefined })
  })
})

describe('what is got ready for a step', () => {
  it('is three minutes before it unless told, and nothing once its words are gone', () => {
    const { onChange } = card()
    expect((screen.getByLabelText('so long before') as HTMLInputElement).disabled).toBe(true)
    type('Within reach by then', 'Whisk and soda.')
    expect(onChange).toHaveBeenCalledWith({ prepare: { say: 'Whisk and soda.', seconds: 180 } }, 'reach own')
  })

  it('keeps its time when its words change, and its words when its time does', () => {
    const prepare = { say: 'Whisk.', seconds: 60 }
    const { onChange } = card({ prepare })
    type('Within reach by then', 'Whisk and soda.')
    type('so long before', '5')
    type('Within reach by then', '')
    expect(onChange.mock.calls.map(([c]) => c)).toEqual([
      { prepare: { say: 'Whisk and soda.', seconds: 60 } },
      { prepare: { say: 'Whisk.', seconds: 300 } },
      { prepare: undefined },
    ])
  })

  it('has a reason for what is done until then only where something is', () => {
    const { onChange } = card({ meanwhile: { say: 'Stir.', why: 'It catches.' } })
    type('Until then', 'Stir without pause.')
    type('and why', 'Milk catches.')
    type('Until then', '')
    expect(onChange.mock.calls.map(([c]) => c)).toEqual([
      { meanwhile: { say: 'Stir without pause.', why: 'It catches.' } },
      { meanwhile: { say: 'Stir.', why: 'Milk catches.' } },
      { meanwhile: undefined },
    ])
  })
})

describe('a step that is due once something is seen', () => {
  it('is due by a sign or by a colour, and by neither again', () => {
    const { onChange } = card({ shows: 'clean-streak' } as Partial<Step>)
    pick('Due once you see', 'amber')
    pick('Due once you see', 'nothing: go by the heat')
    const [[amber], [nothing]] = onChange.mock.calls as [[Partial<Step>], [Partial<Step>]]
    expect(amber).toEqual({ shows: 175 })
    expect(nothing).toEqual({ shows: undefined })
  })

  it('offers a shade of its own beside the usual ones', () => {
    card({ shows: 172 } as Partial<Step>)
    expect(screen.getByRole('combobox', { name: /^Due once you see/ }).textContent).not.toBe('')
  })
})
