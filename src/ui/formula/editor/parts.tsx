'use client'

import { Plus } from 'lucide-react'
import {
  addPart,
  changePart,
  type FormulaDocument,
  ganachePart,
  ganacheUses,
  idFor,
  type Part,
  type PartState,
  partStates,
  removePart,
} from '@/core'
import { Menu, MenuItem } from '@/ui/kit/menu'
import { Segments } from '@/ui/kit/segments'
import { Select } from '@/ui/kit/select'
import { ganacheNames, partStateNames } from '@/words'

interface Props {
  readonly formula: FormulaDocument
  readonly shown: string | null
  onShow(part: string | null): void
  onFormula(formula: FormulaDocument): void
}

/** ◊ What a ganache begins with, until somebody changes it. */
const GANACHE_GRAMS = 300

/** Stands for the formula itself among its parts. */
const WHOLE = ' '

const blank = (id: string, formula: FormulaDocument): Part => ({
  id,
  label: 'New part',
  needs: [],
  celsius: 20,
  formula: {
    version: 1,
    name: 'New part',
    family: 'layered',
    school: 'baked',
    about: '',
    groups: [{ id: 'all', label: 'All of it', celsius: 20 }],
    lines: [],
    target: null,
    steps: [
      {
        id: 'make',
        label: 'Make',
        when: { on: 'ready' },
        say: 'Make it',
        why: 'The rest waits for it.',
        act: 'Made',
        adds: 'all',
      },
    ],
    shape: formula.shape,
    waste: 0.03,
    boils: [],
  },
})

/** The parts, which one is being written, and what each waits for. */
export function Parts({ formula, shown, onShow, onFormula }: Props) {
  const parts = formula.parts ?? []
  const part = parts.find((p) => p.id === shown)
  const add = (label: string, made: (id: string) => Part): void => {
    const id = idFor(
      'part',
      parts.map((p) => p.id),
    )
    const step = {
      id: idFor(
        `join-${id}`,
        formula.steps.map((s) => s.id),
      ),
      label,
      when: { on: 'word', word: 'it is ready' } as const,
      say: 'Add this part to the rest',
      why: 'In this order.',
      act: 'It is on',
      joins: id,
    }
    onFormula(addPart(formula, made(id), step))
    onShow(id)
  }
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 text-body">
      <div className="flex flex-wrap gap-1 rounded-control border border-line bg-sheet p-1">
        {parts.length > 0 && (
          <Segments
            label="Part being written"
            options={[{ id: WHOLE, label: 'Whole' }, ...parts.map(({ id, label }) => ({ id, label }))]}
            value={shown ?? WHOLE}
            onPick={(id) => onShow(id === WHOLE ? null : id)}
            className="border-0 p-0"
          />
        )}
        <Menu
          name="Add a part"
          className="min-h-10 gap-1.5 rounded-inner border-0 px-3 text-body font-normal text-muted hover:bg-marble hover:text-ink"
          label={
            <>
              <Plus size={16} aria-hidden />
              Part
            </>
          }
        >
          <MenuItem onSelect={() => add('New part', (id) => blank(id, formula))}>An empty part</MenuItem>
          {ganacheUses.map((use) => (
            <MenuItem
              key={use}
              onSelect={() => add('Ganache', (id) => ganachePart(id, 'dark', use, GANACHE_GRAMS, formula.shape))}
            >
              A dark ganache, {ganacheNames[use]}
            </MenuItem>
          ))}
        </Menu>
      </div>
      {part && (
        <>
          <label className="flex items-center gap-2 text-muted">
            called
            <input
              value={part.label}
              maxLength={60}
              onChange={(e) => onFormula(changePart(formula, part.id, { label: e.target.value }))}
              className="min-h-10 w-[150px] rounded-inner bg-sheet px-2.5 text-ink"
            />
          </label>
          <span className="flex flex-wrap items-center gap-2 text-muted">
            waits until
            {parts
              .filter((p) => p.id !== part.id)
              .map((other) => {
                const need = part.needs.find((n) => n.part === other.id)
                return (
                  <Select
                    key={other.id}
                    small
                    label={other.label.toLowerCase()}
                    value={need?.state ?? ''}
                    options={[
                      { id: '', label: 'does not matter' },
                      ...partStates.map((id) => ({ id, label: partStateNames[id] })),
                    ]}
                    onPick={(state) => {
                      const rest = part.needs.filter((n) => n.part !== other.id)
                      onFormula(
                        changePart(formula, part.id, {
                          needs: state ? [...rest, { part: other.id, state: state as PartState }] : rest,
                        }),
                      )
                    }}
                    className="flex items-center gap-1.5 [--box:var(--sheet)]"
                  />
                )
              })}
            {parts.length === 1 && <span>nothing else</span>}
          </span>
          <button
            type="button"
            className="text-muted underline underline-offset-4 hover:text-cherry"
            onClick={() => {
              onShow(null)
              onFormula(removePart(formula, part.id))
            }}
          >
            take this part out
          </button>
        </>
      )}
    </div>
  )
}
