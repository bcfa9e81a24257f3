'use client'

import { Check, Plus } from 'lucide-react'
import { useState } from 'react'
import type { KitchenFacts, KitchenView } from '@/contract/kitchen'
import { Button } from '@/ui/kit/button'
import { Link } from '@/ui/kit/link'
import { useAlive } from '@/ui/kit/use-alive'
import { useSay } from '@/ui/shell/preferences'
import { drawingOf } from './drawings'
import { type Section, sections } from './fields'
import { saidOf } from './said'
import { ThingDialog } from './thing-dialog'

/** What a first batch cannot be sized without, in the order a maker thinks of it, and what it is asked for. */
const asked = [
  {
    id: 'rooms',
    why: 'Water boils cooler high up, and every target moves with it. Damp air decides what turns sticky.',
  },
  { id: 'thermometers', why: 'Two degrees too much is another candy. Checked in boiling water, it can be trusted.' },
  { id: 'pots', why: 'Syrup climbs to three times its height as it boils. The pot decides how much goes in.' },
  { id: 'burners', why: 'How strong the ring is decides how long a cook takes, and how far it carries on.' },
] as const

interface Need {
  readonly section: Section
  readonly why: string
  readonly there: KitchenFacts | undefined
}

const needsOf = (kitchen: KitchenView): Need[] =>
  asked.map(({ id, why }) => {
    const section = sections.find((s) => s.id === id) as Section
    return { section, why, there: kitchen[section.kind][0] }
  })

/** The first page of a new workshop: a room, a thermometer, a pot and a ring, then the book. */
export function WelcomePage({ kitchen, now }: { readonly kitchen: KitchenView; readonly now: number }) {
  const [open, setOpen] = useState<Section | null>(null)
  const needs = needsOf(kitchen)
  const next = needs.find((n) => !n.there)
  return (
    <div className="flex flex-col gap-4 p-4 lg:p-6">
      <h1 className="casual text-page leading-tight font-extrabold">A kitchen of your own</h1>
      <Sentence needs={needs} onOpen={setOpen} />
      <ol className="grid gap-4 md:grid-cols-2">
        {needs.map((need, i) => (
          <NeedCard key={need.section.id} need={need} n={i + 1} next={need === next} now={now} onOpen={setOpen} />
        ))}
      </ol>
      <div className="flex flex-wrap items-center gap-4">
        {next ? (
          <p className="text-main text-muted">
            Then comes the book: paste a recipe as it stands, or write one. Trays, moulds and more can come later.
          </p>
        ) : (
          <>
            <Link
              href="/formulas"
              className="flex min-h-12 items-center rounded-control bg-cherry px-5 text-main font-semibold text-on-fill"
            >
              Open the book
            </Link>
            <Link href="/kitchen" className="flex min-h-12 items-center px-2 text-main font-semibold underline">
              Add trays, moulds and more first
            </Link>
          </>
        )}
      </div>
      {open && <ThingDialog key={open.id} section={open} thing={null} onClose={() => setOpen(null)} />}
    </div>
  )
}

const nameOf = (facts: KitchenFacts): string => ('name' in facts ? facts.name : '')

/** The sentence every batch begins with, as far as it can be said. */
function Sentence({ needs, onOpen }: { readonly needs: readonly Need[]; onOpen(section: Section): void }) {
  const words = ['I cook in', 'reading', 'with', 'on']
  return (
    <p className="flex flex-wrap items-center gap-x-2.5 gap-y-2 rounded-sheet bg-bar px-5 py-3 text-title text-on-bar">
      {needs.map(({ section, there }, i) => (
        <span key={section.id} className="flex items-center gap-2.5">
          {words[i]}
          {there ? (
            <strong className="rounded-control bg-slot px-3 py-1.5 text-lead leading-tight text-on-slot">
              {nameOf(there)}
            </strong>
          ) : (
            <button
              type="button"
              onClick={() => onOpen(section)}
              className="min-h-11 rounded-control border border-dashed border-bar-muted px-3 text-lead leading-tight hover:border-on-bar"
            >
              a {section.one}
            </button>
          )}
        </span>
      ))}
    </p>
  )
}

interface CardProps {
  readonly need: Need
  readonly n: number
  /** What is asked for now. */
  readonly next: boolean
  readonly now: number
  onOpen(section: Section): void
}

function NeedCard({ need: { section, why, there }, n, next, now, onOpen }: CardProps) {
  const say = useSay()
  const alive = useAlive()
  return (
    <li className="sheet flex items-start gap-4 px-5 py-4">
      <span
        aria-hidden
        className={`casual grid size-11 shrink-0 place-items-center rounded-full text-title font-extrabold ${there ? 'bg-angelica text-on-fill' : 'bg-marble text-muted'}`}
      >
        {there ? <Check size={22} /> : n}
      </span>
      <div className="flex min-w-0 flex-1 flex-col items-start gap-2">
        <h2 className="casual text-title leading-tight font-bold">{there ? nameOf(there) : `Your ${section.one}`}</h2>
        {there ? (
          <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
            {drawingOf(section.kind, there)}
            <p className="text-body text-muted">
              {saidOf(section.kind, there, say, now).map((line) => (
                <span key={line} className="block">
                  {line}
                </span>
              ))}
            </p>
          </div>
        ) : (
          <p className="text-body leading-snug text-muted">{why}</p>
        )}
        {!there && (
          <Button
            disabled={!alive}
            look={next ? 'primary' : 'plain'}
            onClick={() => onOpen(section)}
            className="flex items-center gap-2"
          >
            <Plus size={18} aria-hidden />
            Add a {section.one}
          </Button>
        )}
      </div>
    </li>
  )
}
