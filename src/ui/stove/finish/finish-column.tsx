'use client'

import { Check, Flame, Grid3x3, Hand, Layers, NotebookPen, PackageCheck } from 'lucide-react'
import type { KitchenView } from '@/contract/kitchen'
import { insteadOf, isBoiled, type Place } from '@/core'
import { firstAid, sayBare, sayForming, sayMove } from '@/words'
import { Asked, NextBoil, Primary, Tile, tile, usePanels } from '../act-column'
import type { FinishingCook } from '../stove'
import type { Acts } from '../use-acts'
import { Bowl } from './bowl'
import { CrossSection } from './cross-section'
import { useMoves } from './use-moves'

interface Props {
  readonly live: FinishingCook
  readonly acts: Acts
  readonly shades: KitchenView['shade']
}

const titles: Readonly<Record<Place, string>> = {
  pot: 'It reads',
  bowl: 'It stands',
  slab: 'It feels',
  rope: 'It feels',
  moulds: 'It feels',
  pieces: 'It feels',
}

/** A move that brings the next work so much sooner, s, is worth its place on the screen. */
const WORTH = 60

/** The acts of a sweet off the heat: what is next, what it measures, where it could lie, how it keeps. */
export function FinishColumn({ live, acts, shades }: Props) {
  const OpenPanel = usePanels()
  const { finish, cook, now, log, pot } = live
  const moves = useMoves(finish, log.boil.conditions, now)
  if (acts.panel !== 'acts')
    return OpenPanel ? <OpenPanel live={live} acts={acts} shades={shades} /> : <div className="sheet flex-1" />
  const { mass, forming } = finish
  const work = finish.ahead.find((w) => w.state !== 'missed') ?? null
  const late = insteadOf(finish) ? finish.ahead.find((w) => w.state === 'missed') : undefined
  const sooner = moves
    .filter((m) => m.next && work && work.state === 'ahead' && m.next.opens < work.opens - WORTH)
    .sort((a, b) => (a.next?.opens ?? 0) - (b.next?.opens ?? 0))[0]
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2.5">
      {acts.slip?.asked && <Asked acts={acts} />}
      <Primary live={live} acts={acts} />
      <NextBoil live={live} acts={acts} />
      {/* what is asked wants the room of what can wait */}
      {acts.slip?.asked ? null : (
        // where the screen is short of room the tiles scroll: what to do for a burn is never covered
        <div data-scrolls className="grid min-h-0 auto-rows-max grid-cols-1 gap-2.5 overflow-y-auto">
          <div className="grid grid-cols-2 gap-2.5 [--acts-title:var(--text-lead)]">
            <Tile
              icon={<Hand size={18} aria-hidden />}
              title={titles[mass.place]}
              hint={`${mass.slab ? 'touch, depth' : 'warm, look'} · T`}
              onPress={() => acts.open('touch')}
            />
            <Tile
              icon={<NotebookPen size={18} aria-hidden />}
              title="Note"
              hint={'count, end · N'}
              onPress={() => acts.open('note')}
            />
          </div>
          {pot.doNow.step && late && (
            <Tile
              icon={<Check size={20} aria-hidden />}
              title={pot.doNow.step.act}
              hint="it was done, and not logged"
              onPress={() => acts.wasDone(late.closes)}
            />
          )}
          {mass.slab && (
            <Tile
              icon={<Layers size={20} aria-hidden />}
              title={sooner ? `Onto the ${sooner.on.name}` : 'Lay it elsewhere'}
              hint={`${sooner ? sayMove(sooner, work, now) : 'what each place changes'} · F`}
              onPress={() => acts.open('lay')}
            />
          )}
          {mass.place === 'pot' && (
            <Tile
              icon={<Flame size={20} aria-hidden />}
              title={`Heat ${cook.state.dial}`}
              hint={'warm it again\u00a0·\u00a0H'}
              onPress={() => acts.open('heat')}
            />
          )}
          {forming && (
            <Tile
              icon={<Grid3x3 size={20} aria-hidden />}
              title="Made so far"
              hint={`${sayForming(forming)} · C`}
              onPress={() => acts.open('count')}
            />
          )}
          {/* what is too late wants the room of what can wait */}
          {!late && mass.slab && isBoiled(log.boil.formula) && (
            <Tile
              icon={<PackageCheck size={20} aria-hidden />}
              title="Keeps"
              hint={`${sayBare(finish.keeping)} · K`}
              onPress={() => acts.open('keep')}
            />
          )}
        </div>
      )}
      {/* a picture is there where it has the room; what it says in words stands elsewhere too */}
      <div className="finish-picture min-h-0 flex-1 max-md:hidden">
        {mass.foam && mass.place === 'bowl' ? <Bowl foam={mass.foam} /> : <CrossSection finish={finish} now={now} />}
      </div>
      <button
        type="button"
        onClick={() => acts.open('aid')}
        className={`${tile} shrink-0 bg-cherry-wash text-cherry-ink`}
      >
        <span className="text-body leading-tight font-bold">{firstAid}</span>
      </button>
    </div>
  )
}
