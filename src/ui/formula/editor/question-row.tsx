'use client'

import { useState } from 'react'
import { type HouseUnit, type Ingredient, ingredients, type Pantry, type Question, readLine, readNumber } from '@/core'

interface Props {
  readonly question: Question
  readonly pantry: Pantry
  readonly house: readonly HouseUnit[]
  onAnswer(ingredient: Ingredient, grams: number): void
  onDrop(): void
}

/** A line that is not understood well enough: what is asked, what it may be, and how much. */
export function QuestionRow({ question, pantry, house, onAnswer, onDrop }: Props) {
  const { reading } = question
  const [chosen, setChosen] = useState<Ingredient | null>(reading.ingredient)
  const [name, setName] = useState('')
  const [amount, setAmount] = useState('')
  const typed = amount.trim() === '' ? null : gramsOf(amount, chosen, pantry, house)
  const grams = amount.trim() === '' ? reading.grams : typed
  const offers = chosen ? [] : reading.candidates
  const find = (text: string): void => {
    setName(text)
    const found = pantry.find(text).ingredient ?? ingredients.find((i) => i.name === text)
    if (found) setChosen(found)
  }
  const take = (): void => {
    if (chosen && grams) onAnswer(chosen, grams)
  }
  return (
    <li className="my-1.5 rounded-control bg-lemon px-3 py-2.5 text-on-lemon">
      <p className="text-[15px] font-semibold">“{question.text}”</p>
      <p className="text-[14px]">{reading.question}</p>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {offers.map((i) => (
          <button
            key={i.id}
            type="button"
            onClick={() => setChosen(i)}
            className="min-h-10 rounded-[9px] bg-white px-3 text-[14px] font-semibold text-[#23152b] hover:bg-[#f4ead0]"
          >
            {i.name}
          </button>
        ))}
        {chosen ? (
          <span className="rounded-[9px] bg-white px-3 py-2 text-[14px] font-semibold text-[#23152b]">
            {chosen.name}
          </span>
        ) : (
          <input
            aria-label="It is"
            list="pantry-names"
            placeholder="it is …"
            value={name}
            onChange={(e) => find(e.target.value)}
            className="min-h-10 w-[150px] rounded-[9px] bg-white px-3 text-[14px] text-[#23152b]"
          />
        )}
        <input
          aria-label="Grams, or an amount"
          placeholder={reading.grams ? `${Math.round(reading.grams)} g` : 'grams, or “2 tbsp”'}
          value={amount}
          onChange={(e) => setAmount(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && take()}
          className="min-h-10 w-[150px] rounded-[9px] bg-white px-3 text-[14px] text-[#23152b]"
        />
        <button
          type="button"
          disabled={!chosen || !grams}
          onClick={take}
          className="min-h-10 rounded-[9px] bg-[#23152b] px-3.5 text-[14px] font-semibold text-white disabled:opacity-40"
        >
          Take it{grams ? ` at ${Math.round(grams * 10) / 10} g` : ''}
        </button>
        <button type="button" onClick={onDrop} className="min-h-10 px-2 text-[14px] underline underline-offset-4">
          Leave it out
        </button>
      </div>
    </li>
  )
}

/** "120" is grams; "2 tbsp" is read for the ingredient chosen. */
function gramsOf(text: string, chosen: Ingredient | null, pantry: Pantry, house: readonly HouseUnit[]): number | null {
  const plain = readNumber(text)
  if (plain > 0) return plain
  if (!chosen) return null
  const reading = readLine(`${text} ${chosen.name}`, pantry, house)
  return reading.status === 'sure' ? reading.grams : null
}
