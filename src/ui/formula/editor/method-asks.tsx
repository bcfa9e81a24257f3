'use client'

import type { ComponentProps } from 'react'
import { type Answers, type Ask, boiledFamilies, type FamilyId } from '@/core'
import { NumberField } from '@/ui/kit/number-field'
import { Segments } from '@/ui/kit/segments'
import { Select } from '@/ui/kit/select'
import { useSay } from '@/ui/shell/preferences'
import { sayAsk, sayUsual } from '@/words'

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

/** What was answered of the piece an ask is about: the whole, or one of its parts. */
export const answersTo = ({ part }: Ask, answers: Answers): Answers =>
  part ? (answers.parts?.[part.id] ?? {}) : answers

/** Whether something is asked that cannot be guessed, and has no answer yet. */
function isOpen(ask: Ask, answers: Answers): boolean {
  const { unit, weights, target } = answersTo(ask, answers)
  return (
    (ask.id === 'unit' && !unit) || (ask.id === 'weights' && !weights) || (ask.id === 'target' && target === undefined)
  )
}

export const stillOpen = (asks: readonly Ask[], answers: Answers): boolean => asks.some((ask) => isOpen(ask, answers))

/** Goes to the first question below `root` that has no answer yet. */
export const goToOpen = (root: HTMLElement | null): void =>
  root?.querySelector<HTMLElement>('[data-open] input, [data-open] button')?.focus()

/** What a method leaves open, asked once; a guess stands where there is one. */
export function MethodAsks({ asks, answers, onAnswers }: Props) {
  return (
    <section aria-label="To confirm" className="grid gap-3 sm:grid-cols-2">
      {asks.map((ask) => (
        <div
          key={`${ask.part?.id ?? ''} ${ask.id} ${ask.id === 'place' ? ask.line : ''}`}
          data-open={isOpen(ask, answers) || undefined}
        >
          <OneAsk
            ask={ask}
            answers={answersTo(ask, answers)}
            onAnswer={(answer) =>
              onAnswers(
                ask.part
                  ? {
                      ...answers,
                      parts: { ...answers.parts, [ask.part.id]: { ...answersTo(ask, answers), ...answer } },
                    }
                  : { ...answers, ...answer },
              )
            }
          />
        </div>
      ))}
    </section>
  )
}

interface OneProps {
  readonly ask: Ask
  readonly answers: Answers
  onAnswer(answer: Partial<Answers>): void
}

/** One thing that is asked, in the control that suits it. */
function OneAsk({ ask, answers, onAnswer }: OneProps) {
  const say = useSay()
  switch (ask.id) {
    case 'layered':
      return (
        <EitherOr
          label={sayAsk(ask)}
          options={[
            { id: 'yes', label: ask.labels.length === 1 ? 'By hand' : 'In parts' },
            { id: 'no', label: ask.labels.length === 1 ? 'Boiled in a pot' : 'All in one pot' },
          ]}
          value={answers.layered === false ? 'no' : 'yes'}
          onPick={(id) => onAnswer({ layered: id === 'yes' })}
        />
      )
    case 'family':
      return (
        <Select
          label={sayAsk(ask)}
          options={families}
          value={answers.family ?? ask.guess}
          onPick={(family) => onAnswer({ family })}
        />
      )
    case 'unit':
      return (
        <EitherOr
          label={sayAsk(ask)}
          options={[
            { id: 'C', label: '°C' },
            { id: 'F', label: '°F' },
          ]}
          value={answers.unit ?? ''}
          onPick={(unit) => onAnswer({ unit: unit === 'F' ? 'F' : 'C' })}
        />
      )
    case 'weights':
      return (
        <EitherOr
          label={sayAsk(ask)}
          options={[
            { id: 'g', label: 'grams' },
            { id: 'kg', label: 'kilograms' },
            { id: 'oz', label: 'ounces' },
          ]}
          value={answers.weights ?? ''}
          onPick={(weights) => onAnswer({ weights: weights as Answers['weights'] })}
        />
      )
    case 'target':
      return (
        <NumberField
          label={sayAsk(ask)}
          as="temperature"
          value={answers.target ?? null}
          least={100}
          most={190}
          {...(ask.because.by !== 'choice' && { hint: sayUsual(ask, say) })}
          onValue={(target) => onAnswer({ target })}
        />
      )
    case 'place':
      return (
        <Select
          label={sayAsk(ask)}
          options={ask.sentences.map((sentence, i) => ({ id: String(i), label: short(sentence) }))}
          value={String(answers.places?.[ask.line] ?? ask.guess)}
          onPick={(at) => onAnswer({ places: { ...answers.places, [ask.line]: Number(at) } })}
        />
      )
  }
}

/** A question with its few answers under it. */
const EitherOr = (props: ComponentProps<typeof Segments<string>>) => (
  <div>
    <p className="mb-0.5 text-fine text-muted">{props.label}</p>
    <Segments {...props} />
  </div>
)
