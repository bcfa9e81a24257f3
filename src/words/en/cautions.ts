/** What can hurt, in the few words that stand at the stove; what to do about it is in `cautions-in-full.ts`. */
import type { CautionId } from '@/core'

export const cautions: Readonly<Record<CautionId, string>> = {
  hotSugar: 'Hot sugar sticks and keeps burning',
  steam: 'Stand back: steam and spitting',
  foam: 'Soda foams up',
  rawEgg: 'Raw egg white',
  unattended: 'Do not leave the pot',
  hotForming: 'Hot in the hand: gloves, greased',
  mixer: 'Hot bowl, running whisk',
  hotKnife: 'Mind the blade',
  shards: 'Edges as sharp as glass',
  sharedBoards: 'Keep nut boards and tools apart',
  sticks: 'Sticks: not for small children',
  coldStone: 'Glass and cold stone do not go together',
  oven: 'Hot tray out of the oven',
}

export const firstAid = 'Burned? Cool running water, 20 min'
