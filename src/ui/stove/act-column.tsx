'use client'

import { Droplet, Flame, NotebookPen, Thermometer } from 'lucide-react'
import type { ReactNode } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import { insteadOf, isBoiled } from '@/core'
import { later, useFetched } from '@/ui/kit/fetched'
import { firstAid } from '@/words'
import { boilName } from './boil-name'
import type { LiveCook } from './stove'
import type { Acts } from './use-acts'

const PANEL = later(async () => ({ default: (await import('./panels')).OpenPanel }))

/** The panels, fetched as soon as the page is alive: no page waits for them, and they are there when the server is not. */
export const usePanels = () => useFetched(PANEL.load, PANEL.known()).come

interface Props {
  readonly live: LiveCook
  readonly acts: Acts
  readonly shades: KitchenView['shade']
}

export const tile =
  'flex min-h-16 min-w-0 flex-col justify-center rounded-sheet px-4 py-2 text-left xl:px-5 hover:brightness-95 focus-visible:outline-offset-[-4px]'

/** The column of acts, each one touch or one key; or the panel that one of them opened. */
export function ActColumn({ live, acts, shades }: Props) {
  const OpenPanel = usePanels()
  if (acts.panel !== 'acts' && !(acts.panel === 'rescue' && live.rescue === null))
    return OpenPanel ? <OpenPanel live={live} acts={acts} shades={shades} /> : <div className="sheet flex-1" />
  const { past, rescue, cook } = live
  const boiled = isBoiled(live.log.boil.formula)
  // chocolate has no stages, and shows nothing in cold water
  const tested = live.analysis.stages.length > 0
  const byHand = boiled && live.log.boil.channel === null
  const wentTooFar = past.trouble && rescue !== null
  // what is asked wants the room of what can wait, and gives way to what cannot
  const asked = acts.slip !== null && acts.slip.asked !== null && !wentTooFar
  const tiles = asked ? 0 : 1 + [boiled, tested, byHand, isNextDue(live), wentTooFar].filter(Boolean).length
  return (
    <div className="acts flex min-h-0 flex-1 flex-col">
      {asked && <Asked acts={acts} />}
      <div data-tiles={tiles} className="acts-tiles min-h-0 flex-1 overflow-y-auto">
        <Primary live={live} acts={acts} />
        {!asked && <NextBoil live={live} acts={acts} />}
        {wentTooFar && (
          <button
            type="button"
            onClick={() => acts.open('rescue')}
            className={`${tile} acts-wide bg-lemon text-on-lemon`}
          >
            <span className="acts-title casual leading-tight font-bold">Went too far</span>
            <span className="acts-extra text-body">bring it back</span>
          </button>
        )}
        {byHand && !asked && (
          <Tile
            icon={<Thermometer size={20} aria-hidden />}
            title="It reads"
            hint="type it · T"
            onPress={() => acts.open('reading')}
          />
        )}
        {!asked && (
          <>
            {boiled && (
              <>
                {tested && (
                  <Tile
                    icon={<Droplet size={20} aria-hidden />}
                    title="Test it"
                    hint={'drop, signs, colour\u00a0·\u00a0D'}
                    onPress={() => acts.open('test')}
                  />
                )}
                <Tile
                  icon={<Flame size={20} aria-hidden />}
                  title={`Heat ${cook.state.dial}`}
                  hint="turn · ↑ ↓ · H"
                  onPress={() => acts.open('heat')}
                />
              </>
            )}
            <Tile
              icon={<NotebookPen size={20} aria-hidden />}
              title="Note"
              hint={'or end it here\u00a0·\u00a0N'}
              onPress={() => acts.open('note')}
            />
          </>
        )}
        {/* whatever else has to scroll, first aid is in sight */}
        <button
          type="button"
          onClick={() => acts.open('aid')}
          className={`${tile} acts-wide sticky bottom-0 bg-cherry-wash text-cherry-ink outline-[10px] outline-marble outline-solid`}
        >
          <span className="text-body leading-tight font-bold xl:text-main">{firstAid}</span>
        </button>
      </div>
    </div>
  )
}

const isNextDue = ({ nextBoil, over }: LiveCook): boolean => nextBoil !== null && nextBoil.startIn <= 0 && !over

/** The next boil of the batch, once it is its turn. */
export function NextBoil({ live, acts }: Omit<Props, 'shades'>) {
  const { nextBoil: next } = live
  if (!next || !isNextDue(live)) return null
  return (
    <button type="button" onClick={acts.startNext} className={`${tile} acts-wide bg-angelica text-on-fill`}>
      <span className="casual text-lead leading-tight font-bold">
        Start {boilName({ label: next.label, number: next.number, plan: live.log.boil.plan })}
      </span>
      <span className="acts-extra text-body">{next.together ? 'so that both arrive together' : 'the pot is free'}</span>
    </button>
  )
}

/** A step logged far from its moment, or a test the pot can hardly have shown, is taken, and at once asked about: a bumped key is one touch to undo. */
export function Asked({ acts: { slip, undo, meant } }: Pick<Props, 'acts'>) {
  if (!slip?.asked) return null
  return (
    <section
      role="alert"
      aria-label="Was that meant?"
      className="mb-2 shrink-0 rounded-sheet bg-lemon p-3 text-on-lemon"
    >
      <p className="casual text-title leading-tight font-bold">{slip.asked.text}</p>
      <p className="mb-2 text-body leading-snug">{slip.asked.detail}</p>
      <button
        type="button"
        onClick={undo}
        className="mb-1 min-h-16 w-full rounded-control bg-on-lemon px-3 text-lead font-bold text-white"
      >
        Take it back · U
      </button>
      <button type="button" onClick={meant} className="min-h-12 w-full text-body font-semibold underline">
        It is so
      </button>
    </section>
  )
}

/** What is done in the place of what it is too late for. */
const insteads = { 'leave-out': 'Leave it out', 'cut-through': 'Cut right through' } as const

/** The big button: what the lemon panel asks for; of a closed boil, the way to its story. */
export function Primary({ live: { over, pot, finish }, acts }: Omit<Props, 'shades'>) {
  const { step, mood } = pot.doNow
  const instead = insteadOf(finish)
  const due = instead ? 'now' : mood
  const shown = over
    ? { act: 'Open its story', hint: 'in the logbook', mood: 'done', when: 'over' }
    : {
        act: instead ? insteads[instead] : (step?.act ?? 'Close this boil'),
        hint: due === 'wait' ? 'once it is done\u00a0·\u00a0Space' : 'tap or Space',
        mood: due,
        when: step?.when.on ?? 'end',
      }
  return (
    <button
      type="button"
      data-testid="primary"
      data-mood={shown.mood}
      data-when={shown.when}
      onClick={over ? acts.toStory : acts.primary}
      className={`${tile} acts-wide min-h-[88px] max-md:fixed max-md:inset-x-3 max-md:bottom-3 max-md:z-10 ${shown.mood !== 'wait' ? 'bg-bar text-on-bar' : 'border-2 border-ink bg-sheet'}`}
    >
      <span className="casual text-large leading-tight font-bold">{shown.act}</span>
      <span className="line-clamp-2 text-body leading-snug opacity-80">{shown.hint}</span>
    </button>
  )
}

interface TileProps {
  readonly icon: ReactNode
  readonly title: string
  readonly hint: string
  onPress(): void
}

export function Tile({ icon, title, hint, onPress }: TileProps) {
  return (
    <button type="button" onClick={onPress} className={`${tile} bg-sheet`}>
      <span className="acts-title casual flex items-center gap-2 leading-tight font-bold">
        <span className="acts-extra">{icon}</span>
        {title}
      </span>
      <span className="acts-extra text-body leading-snug text-muted">{hint}</span>
    </button>
  )
}
