'use client'

import { useState } from 'react'
import { type CookAct, type FinishAssessment, type Texture, type Touch, textures, touches } from '@/core'
import { textureNames, touchNames } from '@/words'
import { KindOfTest } from './kind-of-test'
import { Choice, Sheet } from './sheet'

const kinds = [
  { id: 'hand', label: 'By hand' },
  { id: 'look', label: 'It looks' },
] as const

interface Props {
  readonly finish: FinishAssessment
  /** A probe is there that could stand in it. */
  readonly probed: boolean
  onDepth(): void
  onReading(): void
  onBack(): void
  onAct(act: CookAct): void
}

/** What a hand, an eye, a ruler or a thermometer says of what was poured. */
export function TouchPanel({ finish, probed, onDepth, onReading, onBack, onAct }: Props) {
  const [kind, setKind] = useState<(typeof kinds)[number]['id']>(finish.place === 'bowl' ? 'look' : 'hand')
  return (
    <Sheet title="It feels" choices onBack={onBack} head={<KindOfTest kinds={kinds} kind={kind} onPick={setKind} />}>
      {kind === 'hand' ? (
        <>
          {(Object.keys(touches) as Touch[]).map((touch) => (
            <Choice key={touch} label={touchNames[touch]} onPress={() => onAct({ type: 'feels', touch })} />
          ))}
          <Choice label="A thermometer in its middle" onPress={onReading} />
          {probed && <Choice label="The probe stands in it" onPress={() => onAct({ type: 'stuck' })} />}
          <Choice label={finish.place === 'bowl' ? 'How high it stands' : 'How deep it lies'} onPress={onDepth} />
        </>
      ) : (
        (Object.keys(textures) as Texture[]).map((texture) => (
          <Choice key={texture} label={textureNames[texture]} onPress={() => onAct({ type: 'texture', texture })} />
        ))
      )}
    </Sheet>
  )
}
