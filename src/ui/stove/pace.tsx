'use client'

import { type LucideIcon, MessageCircle, MessageCircleOff, Square, SquareX, Volume2, VolumeX } from 'lucide-react'
import { Fetched, later } from '@/ui/kit/fetched'
import { useAlive } from '@/ui/kit/use-alive'
import type { CookSnapshot } from './cook-log'
import type { Voices } from './use-alarm'

// no real cook has it, and a page does not wait for it
const PRACTICE_CLOCK = later(() => import('./practice-clock'))

interface Props {
  readonly rate: number
  readonly snapshot: Pick<CookSnapshot, 'connected' | 'waiting' | 'kept'>
  readonly practice: boolean
  readonly voices: Voices
  onRate(rate: number): void
  readonly onJump?: (() => void) | null
}

/** The practice clock and the state of the line, in a corner of the chart. */
export function Pace({ rate, snapshot, practice, voices, onRate, onJump = null }: Props) {
  const { connected, waiting, kept } = snapshot
  // what cannot be touched yet is not shown yet
  const alive = useAlive()
  return (
    <div className="flex flex-wrap items-center md:shrink-0 gap-x-3 text-small md:flex-nowrap">
      {practice && alive && (
        <Fetched of={PRACTICE_CLOCK}>
          {(PracticeClock) => <PracticeClock rate={rate} onRate={onRate} onJump={onJump} />}
        </Fetched>
      )}
      <Toggle
        on={voices.sound}
        label="Sound"
        icon={voices.sound ? Volume2 : VolumeX}
        onPress={() => voices.setSound(!voices.sound)}
      />
      <Toggle
        on={voices.voice}
        label="Voice"
        icon={voices.voice ? MessageCircle : MessageCircleOff}
        onPress={() => voices.setVoice(!voices.voice)}
      />
      <Toggle
        on={voices.edge}
        label="Edge of the screen"
        icon={voices.edge ? Square : SquareX}
        onPress={() => voices.setEdge(!voices.edge)}
      />
      <span
        role="status"
        className="flex items-center gap-2"
        title={kept < waiting ? 'What is not kept is lost if this window is closed before Imbry is back' : undefined}
      >
        <span aria-hidden className={`size-3 ${connected ? 'rounded-full bg-angelica' : 'rotate-45 bg-cherry'}`} />
        {lineWords(connected, waiting, kept)}
      </span>
    </div>
  )
}

function lineWords(connected: boolean, waiting: number, kept: number): string {
  if (connected) return waiting > 0 ? `sending ${waiting}` : 'live'
  if (waiting === 0) return 'offline'
  return kept === waiting ? `offline, ${kept} kept here` : `offline, ${kept} of ${waiting} kept here`
}

interface ToggleProps {
  readonly on: boolean
  readonly label: string
  readonly icon: LucideIcon
  onPress(): void
}

function Toggle({ on, label, icon: Icon, onPress }: ToggleProps) {
  return (
    <button
      type="button"
      aria-pressed={on}
      aria-label={label}
      title={on ? `${label} is on for this cook` : `${label} is silenced for this cook`}
      onClick={onPress}
      className="grid min-h-16 min-w-11 place-items-center rounded-control hover:bg-marble"
    >
      <Icon size={20} aria-hidden className={on ? '' : 'text-muted'} />
    </button>
  )
}
