import { type Handwork, type HandworkKind, handworkKinds, usualHandwork } from '@/core'
import { NumberField } from '@/ui/kit/number-field'
import { Select } from '@/ui/kit/select'
import { chocolateNames, fillerNames, filmNames, formedNames, handworkLabels, toolNames } from '@/words'
import type { StepProps } from './step-card'

interface OneOfProps<T extends string> {
  readonly label: string
  readonly value: T
  /** What each is called, in the order they are offered. */
  readonly names: Readonly<Record<T, string>>
  onPick(value: T): void
}

/** A choice among the rows of a table of names. */
const OneOf = <T extends string>({ label, value, names, onPick }: OneOfProps<T>) => (
  <Select
    small
    label={label}
    value={value}
    options={(Object.keys(names) as T[]).map((id) => ({ id, label: names[id] }))}
    onPick={onPick}
  />
)

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
          ...handworkKinds.map((id) => ({ id, label: handworkLabels[id] })),
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
        <OneOf
          label="With"
          value={handwork.tool}
          names={toolNames}
          onPick={(tool) => onChange({ ...handwork, tool })}
        />
      )
    case 'form':
      return (
        <OneOf
          label="Into"
          value={handwork.into}
          names={formedNames}
          onPick={(into) => onChange({ ...handwork, into })}
        />
      )
    case 'fill':
      return <OneOf label="By" value={handwork.by} names={fillerNames} onPick={(by) => onChange({ ...handwork, by })} />
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
        <OneOf
          label="Chocolate"
          value={handwork.chocolate}
          names={chocolateNames}
          onPick={(chocolate) => onChange({ ...handwork, chocolate })}
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
        <OneOf label="In" value={handwork.film} names={filmNames} onPick={(film) => onChange({ ...handwork, film })} />
      )
    default:
      return null
  }
}
