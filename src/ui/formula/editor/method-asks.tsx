'use client'

import { type Answers, type Ask, boiledFamilies, type FamilyId, inCelsius } from '@/core'
import { NumberField } from '@/ui/kit/number-field'
import { Segments } from '@/ui/kit/segments'
import { Select } from '@/ui/kit/select'
import { useSay } from '@/ui/shell/preferences'
import { sayAsk } from '@/words'

interface Props {
  readonly asks: readonly Ask[]
  readonly answers: Answers
  onAnswers(answers: Answers): void
}

const families = (Object.keys(boiledFamilies) as (keyof typeof boiledFamilies)[]).map((id) => ({
  id: id as FamilyId,
  label: boiledFamilies[id].label,
}))

const short = (text: string): string => (text.length > 60 ? `${text.slice(0, 58)}…` : text)

/** Whether there is something asked that cannot be guessed, and no answer yet. */
export const stillOpen = (asks: readonly Ask[], answers: Answers): boolean =>
  asks.some((a) => (a.id === 'unit' && !answers.unit) || (a.id === 'target' && answers.target === undefined))

/** What a method leaves open, asked once; a guess stands where there is one. */
export function MethodAsks({ asks, answers, onAnswers }: Props) {
  const say = useSay()
  return (
    <section aria-label="To confirm" className="grid gap-3 sm:grid-cols-2">
      {asks.map((ask) => {
        switch (ask.id) {
          case 'family':
            return (
              <Select
                key="family"
                label={sayAsk(ask)}
                options={families}
                value={answers.family ?? ask.guess}
                onPick={(family) => onAnswers({ ...answers, family })}
              />
            )
          case 'unit':
            return (
              <div key="unit">
                <p className="mb-0.5 text-fine text-muted">{sayAsk(ask)}</p>
                <Segments
                  label={sayAsk(ask)}
                  options={[
                    { id: 'C', label: '°C' },
                    { id: 'F', label: '°F' },
                  ]}
                  value={answers.unit ?? ''}
                  onPick={(unit) => onAnswers({ ...answers, unit: unit === 'F' ? 'F' : 'C' })}
                />
              </div>
            )
          case 'target':
            return (
              <NumberField
                key="target"
                label={sayAsk(ask)}
                as="temperature"
                value={answers.target ?? null}
                least={100}
                most={190}
                hint={`usual for its kind is about ${say.temperature(inCelsius(ask.guess))}`}
                onValue={(target) => onAnswers({ ...answers, target })}
              />
            )
          case 'place':
            return (
              <Select
                key={ask.line}
                label={sayAsk(ask)}
                options={ask.sentences.map((sentence, i) => ({ id: String(i), label: short(sentence) }))}
                value={String(answers.places?.[ask.line] ?? ask.guess)}
                onPick={(at) => onAnswers({ ...answers, places: { ...answers.places, [ask.line]: Number(at) } })}
              />
            )
          default:
            return null
        }
      })}
    </section>
  )
}
