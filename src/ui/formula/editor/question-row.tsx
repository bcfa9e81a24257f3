'use client'

import { useState } from 'react'
import {
  type Allergen,
  type HouseUnit,
  type Ingredient,
  idFor,
  inclusion,
  inGrams,
  ingredients,
  type Pantry,
  type Question,
  readLine,
} from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { capital, measureOf, sayQuestion, type Units } from '@/words'
import { WholeThing } from './whole-thing'

interface Props {
  readonly question: Question
  readonly pantry: Pantry
  readonly house: readonly HouseUnit[]
  onAnswer(ingredient: Ingredient, grams: number): void
  onDrop(): void
}

/** A line that is not understood well enough: what is asked, what it may be, and how much. */
export function QuestionRow({ question, pantry, house, onAnswer, onDrop }: Props) {
  const say = useSay()
  const { reading } = question
  const unknown = nameOf(reading.question)
  const [chosen, setChosen] = useState<Ingredient | null>(reading.ingredient)
  const [name, setName] = useState('')
  const [amount, setAmount] = useState('')
  /** Allergens of what goes in whole; null for what is in the pantry. */
  const [harms, setHarms] = useState<readonly Allergen[] | null>(null)
  const own = harms && unknown ? inclusion(idFor(`own ${unknown}`, []), unknown, harms) : null
  const is = own ?? chosen
  const typed = amount.trim() === '' ? null : gramsOf(amount, chosen, pantry, house, say.units)
  const grams = amount.trim() === '' ? reading.grams : typed
  const offers = is ? [] : reading.candidates
  const find = (text: string): void => {
    setName(text)
    const found = pantry.find(text).ingredient ?? ingredients.find((i) => i.name === text)
    if (found) setChosen(found)
  }
  const take = (): void => {
    if (is && grams) onAnswer(is, grams)
  }
  return (
    <li className="my-1.5 rounded-control bg-lemon px-3 py-2.5 text-on-lemon">
      <p className="text-body font-semibold">“{question.text}”</p>
      <p className="text-small">{sayQuestion(reading.question, say)}</p>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {offers.map((i) => (
          <button
            key={i.id}
            type="button"
            onClick={() => setChosen(i)}
            className="min-h-10 rounded-inner bg-slot px-3 text-small font-semibold text-on-slot hover:bg-slot-hover"
          >
            {i.name}
          </button>
        ))}
        {is ? (
          <span className="rounded-inner bg-slot px-3 py-2 text-small font-semibold text-on-slot">{is.name}</span>
        ) : (
          <input
            aria-label="It is"
            list="pantry-names"
            placeholder="it is …"
            value={name}
            onChange={(e) => find(e.target.value)}
            className="min-h-10 w-[150px] rounded-inner bg-slot px-3 text-small text-on-slot"
          />
        )}
        <input
          aria-label="How much"
          placeholder={reading.grams ? say.weight(inGrams(reading.grams)) : `${say.units.weight}, or “2 tbsp”`}
          value={amount}
          onChange={(e) => setAmount(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && take()}
          className="min-h-10 w-[150px] rounded-inner bg-slot px-3 text-small text-on-slot"
        />
        <button
          type="button"
          disabled={!is || !grams}
          onClick={take}
          className="min-h-10 rounded-inner bg-on-lemon px-3.5 text-small font-semibold text-white disabled:opacity-40"
        >
          Take it{grams ? ` at ${say.weight(inGrams(grams))}` : ''}
        </button>
        <button type="button" onClick={onDrop} className="min-h-10 px-2 text-small underline underline-offset-4">
          Leave it out
        </button>
      </div>
      {unknown && !chosen && <WholeThing harms={harms} onHarms={setHarms} />}
    </li>
  )
}

/** What something is called that is perhaps in no pantry. */
const nameOf = ({ id, figures }: Question['reading']['question']): string | null =>
  id === 'unknown' || id === 'which-named' ? capital(figures.name) : null

/** "120" is in the reader's unit of weight; "2 tbsp" is read for the ingredient chosen. */
function gramsOf(
  text: string,
  chosen: Ingredient | null,
  pantry: Pantry,
  house: readonly HouseUnit[],
  units: Units,
): number | null {
  const plain = measureOf('weight').read(text, units)
  if (plain > 0) return plain
  if (!chosen) return null
  const reading = readLine(`${text} ${chosen.name}`, pantry, house)
  return reading.status === 'sure' ? reading.grams : null
}
