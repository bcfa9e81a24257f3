'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { FILE_BYTES, FILE_FORMAT, type Imported } from '@/contract/files'
import type { KitchenView } from '@/contract/kitchen'
import { ownIngredients } from '@/contract/kitchen-figures'
import { type FoundRecipe, pantryOf, readRecipe, recipesIn } from '@/core'
import { Button } from '@/ui/kit/button'
import { FileLabel } from '@/ui/kit/file-label'
import { sendFile } from '@/ui/kit/send'
import { SheetDialog } from '@/ui/kit/sheet-dialog'
import { keepForPaste } from './editor/kept-recipe'
import { stillOpen } from './editor/method-asks'
import { draftKey, keepDraft } from './editor/use-draft'

const MB = 1024 * 1024

interface Props {
  readonly kitchen: KitchenView
  onClose(): void
}

type Outcome =
  | { readonly kind: 'problem'; readonly text: string }
  | { readonly kind: 'taken'; readonly text: string }
  | { readonly kind: 'recipes'; readonly recipes: readonly FoundRecipe[] }

const count = (n: number, what: string): string => `${n} ${n === 1 ? what : `${what}s`}`

/** A file taken in: a book whole or not at all; a recipe as a draft to correct. */
export default function ImportDialog({ kitchen, onClose }: Props) {
  const router = useRouter()
  const [outcome, setOutcome] = useState<Outcome | null>(null)
  const [busy, setBusy] = useState(false)

  async function take(file: File): Promise<void> {
    setBusy(true)
    setOutcome(await look(file))
    setBusy(false)
    router.refresh()
  }

  function draft(recipe: FoundRecipe): void {
    const { formula, questions, asks } = readRecipe(recipe.text, pantryOf(ownIngredients(kitchen)), kitchen.measure)
    // what it does not say is asked, not filled in
    if (stillOpen(asks, {})) keepForPaste(recipe.text)
    else keepDraft(draftKey(null), { formula, questions })
    router.push('/formulas/new')
  }

  return (
    <SheetDialog
      title="Take in a file"
      about="A book or formula exported from Imbry, or a recipe as JSON-LD. Whole or not at all."
      onClose={onClose}
    >
      <FileLabel
        className="flex min-h-28 flex-col items-center justify-center gap-1 rounded-control border-2 border-dashed border-muted p-4 text-center hover:bg-marble"
        accept=".json,.jsonld,application/json,application/ld+json"
        label="File to take in"
        onFiles={([file]) => void take(file)}
      >
        <span className="casual text-title font-bold">{busy ? 'Reading …' : 'Choose a file'}</span>
        <span className="text-small text-muted">.json or .jsonld, at most {FILE_BYTES / MB} MB</span>
      </FileLabel>
      {outcome?.kind === 'problem' && (
        <p role="alert" className="rounded-control bg-cherry-wash px-4 py-3 text-body text-cherry-ink">
          {outcome.text}
        </p>
      )}
      {outcome?.kind === 'taken' && (
        <p role="status" className="rounded-control bg-marble px-4 py-3 text-body">
          {outcome.text}
        </p>
      )}
      {outcome?.kind === 'recipes' && (
        <ul className="flex flex-col gap-1">
          {outcome.recipes.map((r, i) => (
            <li key={`${r.name}${i}`}>
              <button
                type="button"
                onClick={() => draft(r)}
                className="min-h-12 w-full rounded-control bg-marble px-4 text-left text-main hover:bg-bar hover:text-on-bar"
              >
                Make a draft of <strong>{r.name}</strong>
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="flex justify-end">
        <Button onClick={onClose}>Close</Button>
      </div>
    </SheetDialog>
  )
}

/** Tells what a file is, and sends a book on to the server, which has the last word. */
async function look(file: File): Promise<Outcome> {
  const problem = (text: string): Outcome => ({ kind: 'problem', text })
  if (file.size > FILE_BYTES)
    return problem(
      `“${file.name}” is ${Math.round(file.size / MB)} MB; at most ${FILE_BYTES / MB} are taken. Nothing was changed.`,
    )
  const text = await file.text()
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch (error) {
    return problem(`“${file.name}” is not JSON: ${(error as Error).message}. Nothing was changed.`)
  }
  const recipes = recipesIn(value)
  if (recipes.length > 0 && (value as { format?: unknown }).format !== FILE_FORMAT) return { kind: 'recipes', recipes }
  try {
    const { added, revised, same } = await sendFile<Imported>('/api/book', 'application/json', text)
    return {
      kind: 'taken',
      text: `${count(added, 'formula')} added, ${revised} revised, ${same} there already as they are.`,
    }
  } catch (error) {
    return problem((error as Error).message)
  }
}
