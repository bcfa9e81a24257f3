'use client'

import { Droplet, Flame, NotebookPen, Thermometer } from 'lucide-react'
import type { ReactNode } from 'react'
import type { FrozenThermometer } from '@/contract/batch'
import type { KitchenView } from '@/contract/kitchen'
import {
  type CookAct,
  type CookEvent,
  type FormulaDocument,
  firstAid,
  type Mood,
  type RescueContext,
  type Stage,
  type Trouble,
} from '@/core'
import { AidPanel } from './panels/aid'
import { EndPanel } from './panels/end'
import { HeatPanel } from './panels/heat'
import { LogPanel } from './panels/log'
import { NotePanel } from './panels/note'
import { ReadingPanel } from './panels/reading'
import { RescuePanel } from './panels/rescue'
import { TestsPanel } from './panels/tests'

export type Panel = 'acts' | 'test' | 'heat' | 'note' | 'aid' | 'rescue' | 'reading' | 'log' | 'end'

interface Props {
  readonly panel: Panel
  readonly primary: {
    readonly act: string
    readonly hint: string
    readonly mood: Mood
    readonly when: string
    onPress(): void
  } | null
  readonly next: { readonly label: string; readonly hint: string; onPress(): void } | null
  readonly dial: number
  readonly stages: readonly Stage[]
  readonly shades: KitchenView['shade']
  readonly events: readonly CookEvent[]
  readonly formula: FormulaDocument
  /** No probe in the pot: typing a temperature comes first. */
  readonly byHand: boolean
  /** What is known of the thermometer that is read. */
  readonly thermometer: FrozenThermometer | null
  /** What has visibly gone wrong, and what a rescue would start from. */
  readonly trouble: Trouble | null
  readonly rescue: RescueContext | null
  onPanel(panel: Panel): void
  onAct(act: CookAct): void
  onAmend(event: CookEvent): void
}

const tile =
  'flex min-h-16 flex-1 flex-col justify-center rounded-sheet px-4 py-2 text-left xl:px-5 hover:brightness-95 focus-visible:outline-offset-[-4px]'

/** The column of acts: each one touch or one key. */
export function Acts(props: Props) {
  const { panel, primary, next, dial, stages, trouble, rescue, byHand, onPanel, onAct } = props
  const onBack = (): void => onPanel('acts')
  // all of it on one screen: the two that are seldom touched in a hurry share a row
  const crowded = byHand && (next !== null || (trouble !== null && rescue !== null))
  if (panel === 'test') return <TestsPanel stages={stages} shades={props.shades} onBack={onBack} onAct={onAct} />
  if (panel === 'heat') return <HeatPanel dial={dial} onBack={onBack} onAct={onAct} />
  if (panel === 'note')
    return (
      <NotePanel
        onBack={onBack}
        onAct={onAct}
        onTrouble={() => onPanel('rescue')}
        onLog={() => onPanel('log')}
        onEnd={() => onPanel('end')}
      />
    )
  if (panel === 'reading') return <ReadingPanel thermometer={props.thermometer} onBack={onBack} onAct={onAct} />
  if (panel === 'log')
    return (
      <LogPanel events={props.events} formula={props.formula} onBack={onBack} onAct={onAct} onAmend={props.onAmend} />
    )
  if (panel === 'end') return <EndPanel onBack={onBack} onAct={onAct} />
  if (panel === 'aid') return <AidPanel onBack={onBack} />
  if (panel === 'rescue' && rescue) return <RescuePanel context={rescue} first={trouble} onBack={onBack} />
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2.5 overflow-y-auto">
      {primary && (
        <button
          type="button"
          data-testid="primary"
          data-mood={primary.mood}
          data-when={primary.when}
          onClick={primary.onPress}
          className={`${tile} min-h-[88px] flex-[1.5] ${primary.mood !== 'wait' ? 'bg-bar text-on-bar' : 'border-2 border-ink bg-sheet'}`}
        >
          <span className="casual text-[24px] leading-tight font-bold">{primary.act}</span>
          <span className="line-clamp-2 text-[15px] leading-snug opacity-80">{primary.hint}</span>
        </button>
      )}
      {next && (
        <button type="button" onClick={next.onPress} className={`${tile} shrink-0 bg-angelica text-on-fill`}>
          <span className="casual text-[17px] leading-tight font-bold">{next.label}</span>
          <span className="text-[15px]">{next.hint}</span>
        </button>
      )}
      {trouble && rescue && (
        <button type="button" onClick={() => onPanel('rescue')} className={`${tile} bg-lemon text-on-lemon`}>
          <span className="casual text-[20px] leading-tight font-bold">Went too far</span>
          <span className="text-[15px]">bring it back</span>
        </button>
      )}
      {byHand && (
        <Tile
          icon={<Thermometer size={20} aria-hidden />}
          title="It reads …"
          hint="type it · T"
          onPress={() => onPanel('reading')}
        />
      )}
      <Tile
        icon={<Droplet size={20} aria-hidden />}
        title="Test it"
        hint={crowded ? 'and say · D' : 'drop, signs, colour\u00a0·\u00a0D'}
        onPress={() => onPanel('test')}
      />
      <div className={crowded ? 'flex flex-1 gap-2.5 *:px-3 [&_svg]:hidden' : 'contents'}>
        <Tile
          icon={<Flame size={20} aria-hidden />}
          title={`Heat ${dial}`}
          hint={crowded ? '↑ ↓ · H' : 'turn · ↑ ↓ · H'}
          onPress={() => onPanel('heat')}
        />
        <Tile
          icon={<NotebookPen size={20} aria-hidden />}
          title="Note"
          hint={crowded ? 'end · N' : 'or end it here\u00a0·\u00a0N'}
          onPress={() => onPanel('note')}
        />
      </div>
      {/* whatever else has to scroll, first aid is in sight */}
      <button
        type="button"
        onClick={() => onPanel('aid')}
        className={`${tile} sticky bottom-0 bg-cherry-wash text-cherry-ink outline-[10px] outline-marble outline-solid`}
      >
        <span className="text-[15px] leading-tight font-bold xl:text-[16px]">{firstAid.short}</span>
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
      <span className="line-clamp-2 text-[15px] leading-snug text-muted">{hint}</span>
    </button>
  )
}
