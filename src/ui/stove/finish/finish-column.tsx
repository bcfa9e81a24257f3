'use client'

import { Hand, Layers, NotebookPen, PackageCheck } from 'lucide-react'
import type { KitchenView } from '@/contract/kitchen'
import { firstAid, sayFoam, sayForming, sayMove } from '@/words'
import { Primary, Tile, tile, usePanels } from '../act-column'
import type { FinishingCook } from '../stove'
import type { Acts } from '../use-acts'
import { CrossSection } from './cross-section'

interface Props {
  readonly live: FinishingCook
  readonly acts: Acts
  readonly shades: KitchenView['shade']
}

/** The acts of a sweet off the heat: what is next, what it measures, where it could lie, how it keeps. */
export function FinishColumn({ live, acts, shades }: Props) {
  const OpenPanel = usePanels()
  const { finish, now } = live
  if (acts.panel !== 'acts')
    return OpenPanel ? <OpenPanel live={live} acts={acts} shades={shades} /> : <div className="sheet flex-1" />
  const { mass, forming } = finish
  const work = finish.ahead.find((w) => w.state !== 'missed') ?? null
  const best = finish.moves.toSorted((a, b) => (a.next?.opens ?? 0) - (b.next?.opens ?? 0))[0]
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2.5">
      <Primary live={live} acts={acts} />
      <div className="grid min-h-0 auto-rows-[minmax(64px,auto)] grid-cols-1 gap-2.5 overflow-y-auto">
        <Tile
          icon={<Hand size={20} aria-hidden />}
          title={mass.place === 'bowl' ? 'It stands …' : 'It feels …'}
          hint={mass.place === 'bowl' ? 'height, warmth, look · T' : 'touch, look, depth · T'}
          onPress={() => acts.open('touch')}
        />
        {best && (
          <Tile
            icon={<Layers size={20} aria-hidden />}
            title={`Onto the ${best.on.name}`}
            hint={`${sayMove(best, work, now)} · F`}
            onPress={() => acts.open('lay')}
          />
        )}
        {mass.place !== 'bowl' && (
          <Tile
            icon={<PackageCheck size={20} aria-hidden />}
            title="Keeps"
            hint="bare, wrapped, in the cold · K"
            onPress={() => acts.open('keep')}
          />
        )}
        <Tile
          icon={<NotebookPen size={20} aria-hidden />}
          title="Note"
          hint={'count, or end it here\u00a0·\u00a0N'}
          onPress={() => acts.open('note')}
        />
      </div>
      <div className="sheet min-h-0 flex-1 overflow-hidden px-4 py-3 max-md:hidden">
        {forming && <p className="mb-2 text-body font-semibold">{sayForming(forming)}</p>}
        {mass.foam && mass.place === 'bowl' && <p className="text-body">{sayFoam(mass.foam)}</p>}
        <CrossSection finish={finish} now={now} />
      </div>
      <button
        type="button"
        onClick={() => acts.open('aid')}
        className={`${tile} shrink-0 bg-cherry-wash text-cherry-ink`}
      >
        <span className="text-body leading-tight font-bold">{firstAid.short}</span>
      </button>
    </div>
  )
}
