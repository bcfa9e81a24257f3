import { type PartState, partStates, type Texture, type Trigger, textures } from '@/core'
import { Labelled, smallBox } from '@/ui/kit/labelled'
import { NumberField } from '@/ui/kit/number-field'
import { Select } from '@/ui/kit/select'
import { partStateNames, textureNames } from '@/words'
import { type StepProps, signOptions } from './step-card'

const textureOptions = (Object.keys(textures) as Texture[]).map((id) => ({ id, label: textureNames[id] }))

const kinds: readonly { on: Trigger['on']; label: string; fresh: Trigger }[] = [
  { on: 'ready', label: 'at once', fresh: { on: 'ready' } },
  { on: 'boil', label: 'when it boils', fresh: { on: 'boil' } },
  { on: 'rises', label: 'when it reaches', fresh: { on: 'rises', celsius: 110 } },
  { on: 'target', label: 'at the target', fresh: { on: 'target' } },
  { on: 'falls', label: 'when it has cooled to', fresh: { on: 'falls', celsius: 45 } },
  { on: 'after', label: 'after a time', fresh: { on: 'after', seconds: 300 } },
  { on: 'colour', label: 'by its colour', fresh: { on: 'colour', celsius: 172 } },
  { on: 'sign', label: 'by a sign', fresh: { on: 'sign', sign: 'clean-streak' } },
  { on: 'window', label: 'when it can be done', fresh: { on: 'window' } },
  { on: 'texture', label: 'when it looks so', fresh: { on: 'texture', texture: 'gloss-gone' } },
  { on: 'part', label: 'when another part is', fresh: { on: 'part', part: '', state: 'cold' } },
  { on: 'word', label: 'when you say so', fresh: { on: 'word', word: 'ready' } },
]

/** When a step falls due. */
export function When({ formula, step, onChange }: Pick<StepProps, 'formula' | 'step' | 'onChange'>) {
  const { when } = step
  const taken = formula.steps.some((s) => s.id !== step.id && s.when.on === 'target')
  return (
    <div className="grid grid-cols-2 gap-2.5">
      <Select
        small
        label="When"
        value={when.on}
        options={kinds
          .filter((k) => k.on !== 'window' || step.handwork !== undefined || when.on === 'window')
          .filter((k) => k.on !== 'part' || (formula.parts ?? []).length > 0 || when.on === 'part')
          .filter((k) => k.on !== 'target' || (formula.target !== null && !taken) || when.on === 'target')
          .map((k) => ({ id: k.on, label: k.label }))}
        onPick={(on) => {
          const kind = kinds.find((k) => k.on === on)
          const first = formula.parts?.[0]
          if (on === 'part' && first) onChange({ when: { on: 'part', part: first.id, state: 'cold' } })
          else if (kind) onChange({ when: kind.fresh })
        }}
      />
      {(when.on === 'rises' || when.on === 'falls' || when.on === 'colour') && (
        <NumberField
          small
          label={when.on === 'colour' ? 'Colour of a syrup heated to' : 'This warm, at sea level'}
          as="temperature"
          value={when.celsius}
          least={-30}
          most={250}
          onValue={(celsius) => onChange({ when: { ...when, celsius } }, `when ${step.id}`)}
        />
      )}
      {when.on === 'after' && (
        <NumberField
          small
          label="After"
          as="minutes"
          value={when.seconds}
          most={7 * 86_400}
          onValue={(seconds) => onChange({ when: { on: 'after', seconds } }, `when ${step.id}`)}
        />
      )}
      {when.on === 'sign' && (
        <Select
          small
          label="Sign"
          value={when.sign}
          options={signOptions}
          onPick={(sign) => onChange({ when: { on: 'sign', sign } })}
        />
      )}
      {when.on === 'texture' && (
        <Select
          small
          label="It"
          value={when.texture}
          options={textureOptions}
          onPick={(texture) => onChange({ when: { on: 'texture', texture: texture as Texture } })}
        />
      )}
      {when.on === 'part' && (
        <>
          <Select
            small
            label="Part"
            value={when.part}
            options={(formula.parts ?? []).map(({ id, label }) => ({ id, label }))}
            onPick={(part) => onChange({ when: { ...when, part } })}
          />
          <Select
            small
            label="that"
            value={when.state}
            options={partStates.map((id) => ({ id, label: partStateNames[id] }))}
            onPick={(state) => onChange({ when: { ...when, state: state as PartState } })}
          />
        </>
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
