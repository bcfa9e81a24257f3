'use client'

import { NotebookPen, Plus, Tablet } from 'lucide-react'
import { useState } from 'react'
import type { KitchenFacts, KitchenKind, KitchenView, ThingAddress } from '@/contract/kitchen'
import { Button } from '@/ui/kit/button'
import { Fetched, later } from '@/ui/kit/fetched'
import { Link } from '@/ui/kit/link'
import { useToast } from '@/ui/kit/toast'
import { For, useSay } from '@/ui/shell/preferences'
import { drawingOf } from './drawings'
import { belongs, type Section, sections } from './fields'
import { IngredientFiles } from './ingredient-files'
import type { Open } from './opened'
import { saidOf } from './said'
import { useThings } from './use-things'

const OWN = 'ingredients'

// what checks what is typed is large, and wanted once something is opened
const OPENED = later(() => import('./opened'))

interface Props {
  readonly kitchen: KitchenView
  /** Of the server, ms: checks speak for a day, and it is the same there and here. */
  readonly now: number
}

/** Everything the sentence chooses from, on its shelves. */
export function KitchenPage({ kitchen, now }: Props) {
  const [open, setOpen] = useState<Open | null>(null)
  const toast = useToast()
  const close = (done?: string): void => {
    setOpen(null)
    if (done) toast.say(done)
  }
  return (
    <div className="flex flex-col gap-4 p-4 lg:p-6">
      <header className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="casual text-page leading-none font-extrabold">Kitchen</h1>
        <div className="flex flex-wrap gap-2">
          <Link
            href="/kitchen/taught"
            className="flex min-h-11 items-center gap-2 rounded-control px-3 text-body font-semibold hover:bg-sheet"
          >
            <NotebookPen size={18} aria-hidden />
            What it has taught
          </Link>
          <For may="owner">
            <Link
              href="/kitchen/screens"
              className="flex min-h-11 items-center gap-2 rounded-control px-3 text-body font-semibold hover:bg-sheet"
            >
              <Tablet size={18} aria-hidden />
              Screens
            </Link>
          </For>
        </div>
      </header>
      <div className="gap-4 lg:columns-2 *:mb-4 *:break-inside-avoid">
        {sections.map((s) => (
          <Shelf
            key={s.id}
            section={s}
            now={now}
            things={(kitchen[s.kind] as readonly (KitchenFacts & { id: string })[]).filter((t) =>
              belongs(s, t as { kind?: string }),
            )}
            onOpen={(id) => setOpen({ section: s.id, id })}
          />
        ))}
        <OwnShelf kitchen={kitchen} now={now} onOpen={(id) => setOpen({ section: OWN, id })} />
      </div>
      {kitchen.unreadable.map((t) => (
        <Unreadable key={`${t.kind} ${t.id}`} thing={t} />
      ))}
      {open && <Fetched of={OPENED}>{(Opened) => <Opened kitchen={kitchen} open={open} onClose={close} />}</Fetched>}
      {toast.shown}
    </div>
  )
}

/** Something that is there but cannot be read: said, and thrown out where the maker says so. */
function Unreadable({ thing: { kind, id } }: { readonly thing: ThingAddress }) {
  const { drop } = useThings()
  return (
    <p className="flex flex-wrap items-center gap-3 rounded-control bg-lemon px-4 py-2 text-body text-on-lemon">
      The {kind} “{id}” is written in a way this Imbry cannot read, and is not offered.
      <Button onClick={() => void drop(kind, id).catch(() => undefined)}>Throw it out</Button>
    </p>
  )
}

/** A shelf's things side by side in columns, standing on one line. */
const BOARD = 'mt-3 grid grid-cols-[repeat(auto-fill,minmax(190px,1fr))] items-end gap-x-3 gap-y-2'

interface ShelfProps {
  readonly section: Section
  readonly now: number
  readonly things: readonly (KitchenFacts & { readonly id: string })[]
  onOpen(id: string | null): void
}

function Shelf({ section, things, now, onOpen }: ShelfProps) {
  return (
    <section aria-labelledby={section.id} className="sheet px-5 py-4">
      <ShelfHead
        id={section.id}
        title={section.title}
        about={section.about}
        one={section.one}
        onAdd={() => onOpen(null)}
      />
      <ul className={BOARD}>
        {things.map((t) => (
          <Item
            key={t.id}
            kind={section.kind}
            now={now}
            facts={t}
            name={(t as { name: string }).name}
            onOpen={() => onOpen(t.id)}
          />
        ))}
        {things.length === 0 && <li className="py-3 text-body text-muted">Nothing here yet.</li>}
      </ul>
    </section>
  )
}

function OwnShelf({ kitchen, now, onOpen }: Props & { onOpen(id: string | null): void }) {
  return (
    <section aria-labelledby={OWN} className="sheet px-5 py-4">
      <ShelfHead
        id={OWN}
        title="Ingredients of your own"
        about="Beyond the pantry’s hundred and fifty: your syrup, your praline, with its price."
        one="ingredient"
        onAdd={() => onOpen(null)}
      />
      <ul className={BOARD}>
        {kitchen.ingredient.map((i) => (
          <Item key={i.id} kind="ingredient" facts={i} name={i.ingredient.name} now={now} onOpen={() => onOpen(i.id)} />
        ))}
        {kitchen.ingredient.length === 0 && <li className="py-3 text-body text-muted">Nothing here yet.</li>}
      </ul>
      <IngredientFiles />
    </section>
  )
}

interface HeadProps {
  readonly id: string
  readonly title: string
  readonly about: string
  readonly one: string
  onAdd(): void
}

function ShelfHead({ id, title, about, one, onAdd }: HeadProps) {
  return (
    <div className="flex items-start justify-between gap-3">
      <div>
        <h2 id={id} className="casual text-title leading-tight font-bold">
          {title}
        </h2>
        <p className="text-small leading-snug text-muted">{about}</p>
      </div>
      <button
        type="button"
        onClick={onAdd}
        aria-label={`Add a ${one}`}
        className="grid size-11 shrink-0 place-items-center rounded-control bg-marble hover:bg-bar hover:text-on-bar"
      >
        <Plus size={20} aria-hidden />
      </button>
    </div>
  )
}

interface ItemProps {
  readonly kind: KitchenKind
  readonly facts: KitchenFacts
  readonly name: string
  readonly now: number
  onOpen(): void
}

function Item({ kind, facts, name, now, onOpen }: ItemProps) {
  const say = useSay()
  return (
    <li>
      <button
        type="button"
        onClick={onOpen}
        className="flex w-full flex-col items-start gap-1.5 rounded-control px-2.5 py-2 text-left hover:bg-marble"
      >
        {drawingOf(kind, facts)}
        <span>
          <span className="casual block text-body leading-tight font-semibold">{name}</span>
          {saidOf(kind, facts, say, now).map((line) => (
            <span key={line} className="block text-fine leading-snug text-muted">
              {line}
            </span>
          ))}
        </span>
      </button>
    </li>
  )
}
