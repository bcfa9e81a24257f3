'use client'

import { ChevronDown, X } from 'lucide-react'
import { cautions, colourStages, type FormulaDocument, type Sign, type Step, signs, type Trigger } from '@/core'
import { Labelled, smallBox } from '@/ui/kit/labelled'
import { NumberBox } from '@/ui/kit/number-box'
import { useTemperature } from '@/ui/shell/preferences'
import { colourName, dueWords } from '../step-words'
import { DragRow } from './sortable'

interface Props {
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
export function StepCard({ formula, step, number, open, onToggle, onChange, onRemove, onNudge }: Props) {
  const { say } = useTemperature()
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
              className={`mr-2 inline-block rounded-[10px] px-2 py-0.5 align-middle text-[12.5px] font-semibold ${step.when.on === 'target' ? 'bg-angelica text-on-fill' : 'bg-marble text-muted'}`}
            >
              {dueWords(step, say, formula.target?.celsius ?? null)}
            </span>
            <span className="text-[15px] leading-snug font-semibold">{step.say}</span>
          </span>
          <ChevronDown size={17} aria-hidden className={`mt-1 shrink-0 text-muted ${open ? 'rotate-180' : ''}`} />
        </button>
        <button
          type="button"
          aria-label={`Take out step ${number}`}
          onClick={onRemove}
          className="mt-0.5 grid size-9 shrink-0 place-items-center rounded-[9px] text-muted hover:bg-marble hover:text-cherry"
        >
          <X size={16} aria-hidden />
        </button>
      </div>
      {open && <StepForm formula={formula} step={step} onChange={onChange} />}
    </DragRow>
  )
}

function StepForm({ formula, step, onChange }: Pick<Props, 'formula' | 'step' | 'onChange'>) {
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
        <Labelled label="minutes before">
          <input
            className={smallBox}
            inputMode="decimal"
            disabled={!prepare}
            value={prepare ? prepare.seconds / 60 : ''}
            onChange={(e) => {
              const minutes = Number(e.target.value)
              if (prepare && minutes >= 0)
                onChange({ prepare: { ...prepare, seconds: minutes * 60 } }, `reach min ${step.id}`)
            }}
          />
        </Labelled>
      </div>
      {text('test', 'Test here, and what it should show', true)}
      <Shows step={step} onChange={onChange} />
      <div className="grid grid-cols-3 gap-2.5">
        <Labelled label="Puts in">
          <select
            className={smallBox}
            value={step.adds ?? step.joins ?? ''}
            onChange={(e) => {
              const part = formula.parts?.some((p) => p.id === e.target.value)
              onChange({
                adds: part ? undefined : e.target.value || undefined,
                joins: part ? e.target.value : undefined,
              })
            }}
          >
            <option value="">nothing</option>
            {formula.groups.map((g) => (
              <option key={g.id} value={g.id}>
                {g.label}
              </option>
            ))}
            {formula.parts?.map((p) => (
              <option key={p.id} value={p.id}>
                {p.label}
              </option>
            ))}
          </select>
        </Labelled>
        <Labelled label="Heat">
          <select
            className={smallBox}
            value={step.offHeat ? 'off' : (step.heat ?? '')}
            onChange={(e) => {
              const v = e.target.value
              onChange({
                offHeat: v === 'off' ? true : undefined,
                heat: v === '' || v === 'off' ? undefined : Number(v),
              })
            }}
          >
            <option value="">as it is</option>
            <option value="off">off the heat</option>
            {Array.from({ length: 11 }, (_, i) => (
              <option key={i} value={i}>
                {i}
              </option>
            ))}
          </select>
        </Labelled>
        <Labelled label="Lid">
          <select
            className={smallBox}
            value={step.lid === undefined ? '' : step.lid ? 'on' : 'off'}
            onChange={(e) => onChange({ lid: e.target.value === '' ? undefined : e.target.value === 'on' })}
          >
            <option value="">as it is</option>
            <option value="on">on</option>
            <option value="off">off</option>
          </select>
        </Labelled>
      </div>
      <div className="flex flex-wrap gap-x-4">
        <label className="flex min-h-10 items-center gap-2 text-[14px]">
          <input
            type="checkbox"
            className="size-5 accent-[#1e7a55]"
            checked={step.empties ?? false}
            onChange={(e) => onChange({ empties: e.target.checked || undefined })}
          />
          empties the pot
        </label>
        {Object.entries(cautions).map(([key, c]) => (
          <label key={key} className="flex min-h-10 items-center gap-2 text-[14px]">
            <input
              type="checkbox"
              className="size-5 accent-[#1e7a55]"
              checked={step.cautions?.includes(key) ?? false}
              onChange={(e) => {
                const others = (step.cautions ?? []).filter((k) => k !== key)
                const next = e.target.checked ? [...others, key] : others
                onChange({ cautions: next.length > 0 ? next : undefined })
              }}
            />
            {c.short.toLowerCase()}
          </label>
        ))}
      </div>
    </div>
  )
}

const signOptions = Object.entries(signs).map(([id, s]) => (
  <option key={id} value={id}>
    {s.label}
  </option>
))

/** What makes the step due once it is seen, whatever the thermometer says. */
function Shows({ step, onChange }: Pick<Props, 'step' | 'onChange'>) {
  const { shows } = step
  const shades = colourStages.map((c) => c.celsius)
  if (typeof shows === 'number' && !shades.includes(shows)) shades.push(shows)
  return (
    <Labelled label="Due once you see">
      <select
        className={smallBox}
        value={shows ?? ''}
        onChange={({ target: { value } }) =>
          onChange({ shows: value === '' ? undefined : value in signs ? (value as Sign) : Number(value) })
        }
      >
        <option value="">nothing: go by the heat</option>
        {signOptions}
        {shades.map((celsius) => (
          <option key={celsius} value={celsius}>
            {colourName(celsius)}
          </option>
        ))}
      </select>
    </Labelled>
  )
}

const kinds: readonly { on: Trigger['on']; label: string; fresh: Trigger }[] = [
  { on: 'ready', label: 'at once', fresh: { on: 'ready' } },
  { on: 'boil', label: 'when it boils', fresh: { on: 'boil' } },
  { on: 'rises', label: 'when it reaches', fresh: { on: 'rises', celsius: 110 } },
  { on: 'target', label: 'at the target', fresh: { on: 'target' } },
  { on: 'falls', label: 'when it has cooled to', fresh: { on: 'falls', celsius: 45 } },
  { on: 'after', label: 'after a time', fresh: { on: 'after', seconds: 300 } },
  { on: 'colour', label: 'by its colour', fresh: { on: 'colour', celsius: 172 } },
  { on: 'sign', label: 'by a sign', fresh: { on: 'sign', sign: 'clean-streak' } },
  { on: 'word', label: 'when you say so', fresh: { on: 'word', word: 'ready' } },
]

function When({ formula, step, onChange }: Pick<Props, 'formula' | 'step' | 'onChange'>) {
  const { when } = step
  const taken = formula.steps.some((s) => s.id !== step.id && s.when.on === 'target')
  return (
    <div className="grid grid-cols-2 gap-2.5">
      <Labelled label="When">
        <select
          className={smallBox}
          value={when.on}
          onChange={(e) => {
            const kind = kinds.find((k) => k.on === e.target.value)
            if (kind) onChange({ when: kind.fresh })
          }}
        >
          {kinds
            .filter((k) => k.on !== 'target' || (formula.target !== null && !taken) || when.on === 'target')
            .map((k) => (
              <option key={k.on} value={k.on}>
                {k.label}
              </option>
            ))}
        </select>
      </Labelled>
      {(when.on === 'rises' || when.on === 'falls' || when.on === 'colour') && (
        <Labelled label={when.on === 'colour' ? 'colour of a syrup at, °C' : '°C at sea level'}>
          <NumberBox
            value={when.celsius}
            onNumber={(celsius) => onChange({ when: { ...when, celsius } }, `when ${step.id}`)}
          />
        </Labelled>
      )}
      {when.on === 'after' && (
        <Labelled label="minutes">
          <NumberBox
            value={when.seconds / 60}
            onNumber={(minutes) => onChange({ when: { on: 'after', seconds: minutes * 60 } }, `when ${step.id}`)}
          />
        </Labelled>
      )}
      {when.on === 'sign' && (
        <Labelled label="sign">
          <select
            className={smallBox}
            value={when.sign}
            onChange={(e) => onChange({ when: { on: 'sign', sign: e.target.value as Sign } })}
          >
            {signOptions}
          </select>
        </Labelled>
      )}
      {when.on === 'word' && (
        <Labelled label="what you say">
          <input
            className={smallBox}
            value={when.word}
            maxLength={200}
            onChange={(e) => onChange({ when: { on: 'word', word: e.target.value } }, `when ${step.id}`)}
          />
        </Labelled>
      )}
    </div>
  )
}
