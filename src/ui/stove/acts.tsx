'use client'

import { Droplet, Flame, NotebookPen } from 'lucide-react'
import type { ReactNode } from 'react'
import { type CookAct, firstAid, type Mood, type RescueContext, type Stage, type Trouble } from '@/core'
import { AidPanel } from './panels/aid'
import { HeatPanel } from './panels/heat'
import { NotePanel } from './panels/note'
import { RescuePanel } from './panels/rescue'
import { TestsPanel } from './panels/tests'

export type Panel = 'acts' | 'test' | 'heat' | 'note' | 'aid' | 'rescue'

interface Props {
  readonly panel: Panel
  readonly primary: { readonly act: string; readonly hint: string; readonly mood: Mood; onPress(): void } | null
  readonly next: { readonly label: string; onPress(): void } | null
  readonly dial: number
  readonly stages: readonly Stage[]
  /** What has visibly gone wrong, and what a rescue would start from. */
  readonly trouble: Trouble | null
  readonly rescue: RescueContext | null
  onPanel(panel: Panel): void
  onAct(act: CookAct): void
}

const tile =
  'flex min-h-16 flex-1 flex-col justify-center rounded-sheet px-5 py-2 text-left hover:brightness-95 focus-visible:outline-offset-[-4px]'

/** The column of acts: each one touch or one key. */
export function Acts(props: Props) {
  const { panel, primary, next, dial, stages, trouble, rescue, onPanel, onAct } = props
  const onBack = (): void => onPanel('acts')
  if (panel === 'test') return <TestsPanel stages={stages} onBack={onBack} onAct={onAct} />
  if (panel === 'heat') return <HeatPanel dial={dial} onBack={onBack} onAct={onAct} />
  if (panel === 'note') return <NotePanel onBack={onBack} onAct={onAct} onTrouble={() => onPanel('rescue')} />
  if (panel === 'aid') return <AidPanel onBack={onBack} />
  if (panel === 'rescue' && rescue) return <RescuePanel context={rescue} first={trouble} onBack={onBack} />
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
      {trouble && rescue && (
        <button type="button" onClick={() => onPanel('rescue')} className={`${tile} bg-lemon text-on-lemon`}>
          <span className="casual text-[20px] leading-tight font-bold">Went too far</span>
          <span className="text-[15px]">how to bring it back</span>
        </button>
      )}
      <Tile
        icon={<Droplet size={20} aria-hidden />}
        title="Test it"
        hint="drop, signs, colour · D"
        onPress={() => onPanel('test')}
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
