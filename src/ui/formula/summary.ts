/** What a batch comes to, in a line. */
import { inGrams } from '@/core'
import { formatLitres, type Say } from '@/words'
import { thingsOf } from './shape-editor'
import { mainPiece, type Sized, type SizedPiece } from './size-batch'

/** How much is in the pot and how high it rises, how many boils it takes, and how many pieces there are of what weight. */
export function summary(sized: Sized, say: Say): string {
  const { plan } = sized
  const { boiled } = mainPiece(sized)
  // parts come first
  const { shape } = (sized.pieces.at(-1) as SizedPiece).formula
  const boils = plan.boils.filter((b) => sized.pieces.some((p) => p.part === b.part && p.boiled)).length
  return [
    ...(boiled
      ? [
          `${say.weight(inGrams(boiled.analysis.potGrams))} in the pot`,
          `rises to ${formatLitres(boiled.analysis.peakLitres)}`,
        ]
      : []),
    // what is made by hand is never boiled
    ...(boils === 0 ? [] : [boils === 1 ? 'one boil' : `${boils} boils`]),
    `${plan.pieces} ${thingsOf(shape, plan.pieces)} of ${say.weight(inGrams(plan.pieceGrams))}`,
  ].join(' · ')
}
