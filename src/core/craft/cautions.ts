/** What can hurt: the rows of the caution table. Their sentences stand in `src/words`. */
export const cautionIds = [
  'hotSugar',
  'steam',
  'foam',
  'rawEgg',
  'unattended',
  'hotForming',
  'mixer',
  'hotKnife',
  'shards',
  'sharedBoards',
  'sticks',
  'coldStone',
  'oven',
] as const

export type CautionId = (typeof cautionIds)[number]
