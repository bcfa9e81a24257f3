'use client'

import type { KitchenView } from '@/contract/kitchen'
import { CookPage } from './cook-page'
import { PotCard } from './pot-card'
import { type BoilOn, useStove } from './stove'
import { useLargePot } from './use-large-pot'

interface Props {
  /** All that is on, the one asked for first; pots, and what rests after them. */
  readonly pots: readonly BoilOn[]
  readonly shades: KitchenView['shade']
}

/** Up to four pots: one large, the others as cards over it. The one that needs a person becomes the large one. */
export function StovePage({ pots, shades }: Props) {
  const cooks = useStove(pots)
  const { bigId, pick, deaf, leave } = useLargePot(cooks, pots[0]?.boil.id ?? '')
  const big = cooks.get(bigId)
  if (!big) return null
  const others = [...cooks.values()].flatMap((live, i) => (live === big ? [] : [{ live, mark: String(i + 1) }]))
  return (
    <div className="flex flex-col md:h-dvh">
      {others.length > 0 && (
        <nav aria-label="Other pots" className="flex shrink-0 flex-col gap-3 px-3 pt-3 md:flex-row md:overflow-x-auto">
          {others.map(({ live, mark }) => (
            <PotCard key={live.log.boil.id} live={live} mark={mark} onPick={() => pick(live.log.boil.id)} />
          ))}
        </nav>
      )}
      <CookPage
        key={bigId}
        live={big}
        shades={shades}
        deaf={deaf}
        onLeave={leave}
        potKeys={Object.fromEntries(others.map(({ live, mark }) => [mark, () => pick(live.log.boil.id)]))}
      />
    </div>
  )
}
