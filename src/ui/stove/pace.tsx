'use client'

import { type LucideIcon, MessageCircle, MessageCircleOff, Square, SquareDashed, Volume2, VolumeX } from 'lucide-react'
import type { Voices } from './use-alarm'

interface Props {
  readonly rate: number
  readonly connected: boolean
  readonly waiting: number
  readonly kept: number
  readonly practice: boolean
  readonly voices: Voices
  onRate(rate: number): void
}

const RATES = [1, 10, 60]

/** The practice clock and the state of the line, in a corner of the chart. */
export function Pace({ rate, connected, waiting, kept, practice, voices, onRate }: Props) {
  return (
    <div className="flex flex-wrap items-center md:shrink-0 gap-x-3 text-[14px] md:flex-nowrap">
      {practice && (
        <fieldset className="flex items-center gap-1 rounded-control bg-marble p-1">
          <legend className="sr-only">Practice clock</legend>
          <span className="px-2 text-muted max-xl:sr-only">practice</span>
          {RATES.map((r) => (
            <button
              key={r}
              type="button"
              aria-pressed={r === rate}
              onClick={() => onRate(r)}
              className={`figures min-h-9 min-w-12 rounded-[9px] px-2 font-semibold ${r === rate ? 'bg-bar text-on-bar' : 'hover:bg-sheet'}`}
            >
              {r}×
            </button>
          ))}
        </fieldset>
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
        icon={voices.edge ? Square : SquareDashed}
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
