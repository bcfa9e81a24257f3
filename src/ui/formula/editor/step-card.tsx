'use client'

import { ChevronDown, X } from 'lucide-react'
import { cautionIds, colourStages, DIAL_TOP, type FormulaDocument, type Sign, type Step, signs } from '@/core'
import { Checkbox } from '@/ui/kit/checkbox'
import { Labelled, smallBox } from '@/ui/kit/labelled'
import { NumberField } from '@/ui/kit/number-field'
import { Select } from '@/ui/kit/select'
import { useSay } from '@/ui/shell/preferences'
import { cautions, colourName, proseIn, sayDue, signNames } from '@/words'
import { DragRow } from './sortable'
import { StepHandwork } from './step-handwork'
import { When } from './step-when'

export interface StepProps {
  readonly formula: FormulaDocument
  readonly step: Step
  readonly number: number
  readonly open: boolean
  onToggle(): void
  onChange(change: Partial<Step>, box?: string): void
  onRemove(): void
  onNudge(by: -1 | 1): void
}

/** One step of the method: when, what, why; opened, everything else about it. */
export function StepCard({ formula, step, number, open, onToggle, onChange, onRemove, onNudge }: StepProps) {
  const say = useSay()
  return (
    <DragRow
      id={step.id}
      label={`step ${number}, ${step.label}`}
      className="border-b border-line py-1.5"
      onNudge={onNudge}
    >
      <div className="flex items-start gap-2">
        <button
          type="button"
          aria-expanded={open}
          onClick={onToggle}
          className="flex min-w-0 flex-1 items-start gap-2 rounded-control px-1 py-1 text-left hover:bg-marble"
        >
          <span className="min-w-0 flex-1">
            <span
              className={`mr-2 inline-block rounded-inner px-2 py-0.5 align-middle text-fine font-semibold ${step.when.on === 'target' ? 'bg-angelica text-on-fill' : 'bg-marble text-muted'}`}
            >
              {sayDue(step, say, formula.target?.celsius ?? null, say.written)}
            </span>
            <span className="text-body leading-snug font-semibold">{proseIn(step.say, say)}</span>
          </span>
          <ChevronDown size={17} aria-hidden className={`mt-1 shrink-0 text-muted ${open ? 'rotate-180' : ''}`} />
        </button>
        <button
          type="button"
          aria-label={`Take out step ${number}`}
          onClick={onRemove}
          className="mt-0.5 grid size-9 shrink-0 place-items-center rounded-inner text-muted hover:bg-marble hover:text-cherry"
        >
          <X size={16} aria-hidden />
        </button>
      </div>
      {open && <StepForm formula={formula} step={step} onChange={onChange} />}
    </DragRow>
  )
}

function StepForm({ formula, step, onChange }: Pick<StepProps, 'formula' | 'step' | 'onChange'>) {
  const text = (name: 'label' | 'say' | 'why' | 'act' | 'test', label: string, optional = false) => (
    <Labelled label={label}>
      <input
        className={smallBox}
        value={step[name] ?? ''}
        maxLength={200}
        onChange={(e) =>
          onChange({ [name]: optional && !e.target.value ? undefined : e.target.value }, `${name} ${step.id}`)
        }
      />
    </Labelled>
  )
  const { meanwhile, prepare } = step
  return (
    <div className="my-2 grid gap-2.5 rounded-control border border-line p-3">
      <When formula={formula} step={step} onChange={onChange} />
      {text('say', 'What to do')}
      {text('why', 'Why')}
      <div className="grid grid-cols-2 gap-2.5">
        {text('label', 'Short, for the rail')}
        {text('act', 'On the button, once done')}
      </div>
      <div className="grid grid-cols-2 gap-2.5">
        <Labelled label="Until then">
          <input
            className={smallBox}
            value={meanwhile?.say ?? ''}
            maxLength={200}
            placeholder="what to do, or leave alone"
            onChange={(e) =>
              onChange(
                {
                  meanwhile: e.target.value
                    ? { say: e.target.value, why: meanwhile?.why ?? 'Until the next step.' }
                    : undefined,
                },
                `until ${step.id}`,
              )
            }
          />
        </Labelled>
        <Labelled label="and why">
          <input
            className={smallBox}
            value={meanwhile?.why ?? ''}
            maxLength={200}
            disabled={!meanwhile}
            onChange={(e) =>
              meanwhile && onChange({ meanwhile: { ...meanwhile, why: e.target.value } }, `until why ${step.id}`)
            }
          />
        </Labelled>
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)_110px] gap-2.5">
        <Labelled label="Within reach by then">
          <input
            className={smallBox}
            value={prepare?.say ?? ''}
            maxLength={200}
            onChange={(e) =>
              onChange(
                { prepare: e.target.value ? { say: e.target.value, seconds: prepare?.seconds ?? 180 } : undefined },
                `reach ${step.id}`,
              )
            }
          />
        </Labelled>
        <NumberField
          small
          label="so long before"
          as="minutes"
          disabled={!prepare}
          value={prepare?.seconds ?? 0}
          most={86_400}
          onValue={(seconds) => prepare && onChange({ prepare: { ...prepare, seconds } }, `reach min ${step.id}`)}
        />
      </div>
      {text('test', 'Test here, and what it should show', true)}
      <Shows step={step} onChange={onChange} />
      <StepHandwork step={step} onChange={onChange} />
      <div className="grid grid-cols-3 gap-2.5">
        <Select
          small
          label="Puts in"
          value={step.adds ?? step.joins ?? ''}
          options={[
            { id: '', label: 'nothing' },
            ...[...formula.groups, ...(formula.parts ?? [])].map(({ id, label }) => ({ id, label })),
          ]}
          onPick={(id) => {
            const part = formula.parts?.some((p) => p.id === id)
            onChange({ adds: part ? undefined : id || undefined, joins: part ? id : undefined })
          }}
        />
        <Select
          small
          label="Heat"
          value={step.offHeat ? 'off' : (step.heat?.toString() ?? '')}
          options={heats}
          onPick={(id) =>
            onChange({
              offHeat: id === 'off' ? true : undefined,
              heat: id === '' || id === 'off' ? undefined : Number(id),
            })
          }
        />
        <Select
          small
          label="Lid"
          value={step.lid === undefined ? '' : step.lid ? 'on' : 'off'}
          options={lids}
          onPick={(id) => onChange({ lid: id === '' ? undefined : id === 'on' })}
        />
      </div>
      <div className="flex flex-wrap gap-x-4 gap-y-1">
        <Checkbox
          className="text-small"
          checked={step.empties ?? false}
          onChange={(on) => onChange({ empties: on || undefined })}
        >
          empties the pot
        </Checkbox>
        <Checkbox
          className="text-small"
          checked={step.bath ?? false}
          onChange={(on) => onChange({ bath: on || undefined })}
        >
          base in cold water
        </Checkbox>
        {cautionIds.map((id) => (
          <Checkbox
            key={id}
            className="text-small"
            checked={step.cautions?.includes(id) ?? false}
            onChange={(on) => {
              const others = (step.cautions ?? []).filter((c) => c !== id)
              const next = on ? [...others, id] : others
              onChange({ cautions: next.length > 0 ? next : undefined })
            }}
          >
            {cautions[id].toLowerCase()}
          </Checkbox>
        ))}
      </div>
    </div>
  )
}

const heats = [
  { id: '', label: 'as it is' },
  { id: 'off', label: 'off the heat' },
  ...Array.from({ length: DIAL_TOP + 1 }, (_, i) => ({ id: String(i), label: String(i) })),
]

const lids = [
  { id: '', label: 'as it is' },
  { id: 'on', label: 'on' },
  { id: 'off', label: 'off' },
]

export const signOptions = (Object.keys(signs) as Sign[]).map((id) => ({ id, label: signNames[id] }))

/** What makes the step due once it is seen, whatever the thermometer says. */
function Shows({ step, onChange }: Pick<StepProps, 'step' | 'onChange'>) {
  const { shows } = step
  const shades: number[] = colourStages.map((c) => c.celsius)
  if (typeof shows === 'number' && !shades.includes(shows)) shades.push(shows)
  return (
    <Select
      small
      label="Due once you see"
      value={shows?.toString() ?? ''}
      options={[
        { id: '', label: 'nothing: go by the heat' },
        ...signOptions,
        ...shades.map((c) => ({ id: String(c), label: colourName(c) })),
      ]}
      onPick={(id) => onChange({ shows: id === '' ? undefined : id in signs ? (id as Sign) : Number(id) })}
    />
  )
}
