import {
  type Chocolate,
  type CutTool,
  chocolates,
  cutTools,
  type Filler,
  type Film,
  type Formed,
  filling,
  films,
  forming,
  type Handwork,
  type HandworkKind,
  handworkKinds,
  usualHandwork,
} from '@/core'
import { NumberField } from '@/ui/kit/number-field'
import { Select } from '@/ui/kit/select'
import { chocolateNames, fillerNames, filmNames, formedNames, handworkNames, toolNames } from '@/words'
import type { StepProps } from './step-card'

const choices = <T extends string>(ids: readonly T[], names: Readonly<Record<T, string>>) =>
  ids.map((id) => ({ id, label: names[id] }))

/** What hands do in a step, and what belongs to that: its moment, its forecast and its cautions follow from it. */
export function StepHandwork({ step, onChange }: Pick<StepProps, 'step' | 'onChange'>) {
  const { handwork, when } = step
  const set = (next: Handwork | undefined): void =>
    onChange({ handwork: next, ...(next === undefined && when.on === 'window' && { when: { on: 'ready' } }) })
  return (
    <div className="grid grid-cols-2 gap-2.5">
      <Select
        small
        label="Handwork"
        value={handwork?.kind ?? ''}
        options={[
          { id: '', label: 'none of its own' },
          ...handworkKinds.map((id) => ({ id, label: handworkNames[id].label })),
        ]}
        onPick={(id) => set(id === '' ? undefined : usualHandwork(id as HandworkKind))}
      />
      {handwork && <Facts handwork={handwork} onChange={set} />}
    </div>
  )
}

interface FactsProps {
  readonly handwork: Handwork
  onChange(handwork: Handwork): void
}

function Facts({ handwork, onChange }: FactsProps) {
  switch (handwork.kind) {
    case 'cut':
      return (
        <Select
          small
          label="With"
          value={handwork.tool}
          options={choices<CutTool>(cutTools, toolNames)}
          onPick={(tool) => onChange({ ...handwork, tool: tool as CutTool })}
        />
      )
    case 'form':
      return (
        <Select
          small
          label="Into"
          value={handwork.into}
          options={choices(Object.keys(forming) as Formed[], formedNames)}
          onPick={(into) => onChange({ ...handwork, into: into as Formed })}
        />
      )
    case 'fill':
      return (
        <Select
          small
          label="By"
          value={handwork.by}
          options={choices(Object.keys(filling) as Filler[], fillerNames)}
          onPick={(by) => onChange({ ...handwork, by: by as Filler })}
        />
      )
    case 'pipe':
      return (
        <NumberField
          small
          label="To a depth of"
          as="length"
          value={handwork.depthMm}
          least={0.5}
          most={300}
          onValue={(depthMm) => onChange({ ...handwork, depthMm })}
        />
      )
    case 'whip':
      return (
        <Select
          small
          label="What holds the air"
          value={handwork.on}
          options={[
            { id: 'gelatin', label: 'gelatin' },
            { id: 'egg', label: 'egg white' },
          ]}
          onPick={(on) => onChange({ ...handwork, on: on === 'egg' ? 'egg' : 'gelatin' })}
        />
      )
    case 'temper':
      return (
        <Select
          small
          label="Chocolate"
          value={handwork.chocolate}
          options={choices(Object.keys(chocolates) as Chocolate[], chocolateNames)}
          onPick={(chocolate) => onChange({ ...handwork, chocolate: chocolate as Chocolate })}
        />
      )
    case 'chill':
    case 'bake':
      return (
        <NumberField
          small
          label="At"
          as="temperature"
          value={handwork.celsius}
          least={-30}
          most={250}
          onValue={(celsius) => onChange({ ...handwork, celsius })}
        />
      )
    case 'wrap':
      return (
        <Select
          small
          label="In"
          value={handwork.film}
          options={choices(Object.keys(films) as Film[], filmNames)}
          onPick={(film) => onChange({ ...handwork, film: film as Film })}
        />
      )
    default:
      return null
  }
}
