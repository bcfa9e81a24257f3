'use client'

import { ArrowLeft, Droplet, Flame, NotebookPen } from 'lucide-react'
import { type FormEvent, type ReactNode, useState } from 'react'
import { type CookAct, DIAL_TOP, firstAid, type Mood, type Stage, type StageId } from '@/core'
import { useTemperature } from '@/ui/shell/preferences'

export type Panel = 'acts' | 'drop' | 'heat' | 'note' | 'aid'

interface Props {
  readonly panel: Panel
  readonly primary: { readonly act: string; readonly hint: string; readonly mood: Mood; onPress(): void } | null
  readonly next: { readonly label: string; onPress(): void } | null
  readonly dial: number
  readonly stages: readonly Stage[]
  onPanel(panel: Panel): void
  onAct(act: CookAct): void
}

const tile =
  'flex min-h-16 flex-1 flex-col justify-center rounded-sheet px-5 py-2 text-left hover:brightness-95 focus-visible:outline-offset-[-4px]'

/** The column of acts: each one touch or one key. */
export function Acts(props: Props) {
  const { panel, primary, next, dial, onPanel } = props
  if (panel === 'drop') return <DropPanel {...props} />
  if (panel === 'heat') return <HeatPanel {...props} />
  if (panel === 'note') return <NotePanel {...props} />
  if (panel === 'aid') return <AidPanel {...props} />
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2.5">
      {primary && (
        <button
          type="button"
          data-testid="primary"
          data-mood={primary.mood}
          onClick={primary.onPress}
          className={`${tile} min-h-[88px] flex-[1.5] ${primary.mood !== 'wait' ? 'bg-bar text-on-bar' : 'border-2 border-ink bg-sheet'}`}
        >
          <span className="casual text-[24px] leading-tight font-bold">{primary.act}</span>
          <span className="text-[15px] opacity-80">{primary.hint}</span>
        </button>
      )}
      {next && (
        <button type="button" onClick={next.onPress} className={`${tile} bg-angelica text-on-fill`}>
          <span className="casual text-[20px] leading-tight font-bold">{next.label}</span>
          <span className="text-[15px]">the pot is free</span>
        </button>
      )}
      <Tile
        icon={<Droplet size={20} aria-hidden />}
        title="Test a drop"
        hint="in cold water · D"
        onPress={() => onPanel('drop')}
      />
      <Tile
        icon={<Flame size={20} aria-hidden />}
        title={`Heat ${dial}`}
        hint="turn · ↑ ↓ · H"
        onPress={() => onPanel('heat')}
      />
      <Tile
        icon={<NotebookPen size={20} aria-hidden />}
        title="Note"
        hint="or end it here · N"
        onPress={() => onPanel('note')}
      />
      <button type="button" onClick={() => onPanel('aid')} className={`${tile} bg-cherry-wash text-cherry-ink`}>
        <span className="text-[17px] leading-snug font-bold">{firstAid.short}</span>
      </button>
    </div>
  )
}

interface TileProps {
  readonly icon: ReactNode
  readonly title: string
  readonly hint: string
  onPress(): void
}

function Tile({ icon, title, hint, onPress }: TileProps) {
  return (
    <button type="button" onClick={onPress} className={`${tile} bg-sheet`}>
      <span className="casual flex items-center gap-2 text-[20px] leading-tight font-bold">
        {icon}
        {title}
      </span>
      <span className="text-[15px] text-muted">{hint}</span>
    </button>
  )
}

function Sheet({ title, onBack, children }: { title: string; onBack(): void; children: ReactNode }) {
  return (
    <section aria-label={title} className="sheet flex min-h-0 flex-1 flex-col gap-2 overflow-auto p-3">
      <button
        type="button"
        onClick={onBack}
        className="casual flex min-h-12 items-center gap-2 px-2 text-left text-[18px] font-bold"
      >
        <ArrowLeft size={20} aria-hidden />
        {title}
        <span className="sr-only">, back (Escape)</span>
      </button>
      {children}
    </section>
  )
}

/** A drop in cold water: which of the stages it showed. Keys 1 to 6. */
function DropPanel({ stages, onAct, onPanel }: Props) {
  const { say } = useTemperature()
  return (
    <Sheet title="The drop is …" onBack={() => onPanel('acts')}>
      {dropResults(stages).map((s, i) => (
        <button
          key={s.id}
          type="button"
          onClick={() => onAct({ type: 'test', test: 'drop', result: s.id })}
          className="flex min-h-16 flex-1 items-center justify-between gap-2 rounded-control bg-marble px-4 text-left text-[18px] font-semibold hover:brightness-95"
        >
          <span>
            <span className="figures mr-2 text-[14px] text-muted">{i + 1}</span>
            {s.label}
          </span>
          <span className="figures text-[14px] text-muted">{say(s.from)}</span>
        </button>
      ))}
    </Sheet>
  )
}

/** What a drop can show, softest first. */
export const dropResults = (stages: readonly Stage[]): { id: StageId; label: string; from: number }[] =>
  stages.filter((s) => s.id !== 'syrup')

function HeatPanel({ dial, onAct, onPanel }: Props) {
  return (
    <Sheet title="Heat" onBack={() => onPanel('acts')}>
      <div className="grid flex-1 grid-cols-2 gap-2">
        {Array.from({ length: DIAL_TOP + 1 }, (_, i) => DIAL_TOP - i).map((d) => (
          <button
            key={d}
            type="button"
            aria-pressed={d === dial}
            onClick={() => onAct({ type: 'heat', dial: d })}
            className={`casual min-h-16 rounded-control text-[22px] font-bold ${d === dial ? 'bg-cherry text-on-fill' : 'bg-marble hover:brightness-95'}`}
          >
            {d === 0 ? 'off' : d}
          </button>
        ))}
      </div>
    </Sheet>
  )
}

const QUICK_NOTES = ['Sides brushed', 'Stirred it', 'Turned the pot', 'Smells of toast', 'First smoke']

function NotePanel({ onAct, onPanel }: Props) {
  const [text, setText] = useState('')
  const submit = (event: FormEvent): void => {
    event.preventDefault()
    if (text.trim()) onAct({ type: 'note', text: text.trim() })
  }
  return (
    <Sheet title="Note" onBack={() => onPanel('acts')}>
      {QUICK_NOTES.map((n) => (
        <button
          key={n}
          type="button"
          onClick={() => onAct({ type: 'note', text: n })}
          className="min-h-16 rounded-control bg-marble px-4 text-left text-[17px] font-semibold hover:brightness-95"
        >
          {n}
        </button>
      ))}
      <form onSubmit={submit} className="flex gap-2">
        <input
          aria-label="Something else"
          placeholder="Something else"
          maxLength={2000}
          value={text}
          onChange={(e) => setText(e.target.value)}
          className="min-h-12 min-w-0 flex-1 rounded-control border border-line bg-sheet px-3 text-[16px]"
        />
        <button type="submit" className="min-h-12 rounded-control bg-bar px-3 font-semibold text-on-bar">
          Log
        </button>
      </form>
      <button
        type="button"
        onClick={() => onAct({ type: 'finished' })}
        className="mt-auto min-h-16 rounded-control border-2 border-cherry px-4 text-[17px] font-semibold text-cherry"
      >
        End this boil here
      </button>
    </Sheet>
  )
}

function AidPanel({ onPanel }: Props) {
  return (
    <Sheet title="Burned" onBack={() => onPanel('acts')}>
      <p className="casual px-2 text-[22px] leading-snug font-bold text-cherry-ink">{firstAid.short}</p>
      <p className="px-2 text-[17px] leading-normal">{firstAid.full}</p>
    </Sheet>
  )
}
