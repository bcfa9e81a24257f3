/** What a batch comes to, in a line. */
import { inGrams } from '@/core'
import { formatLitres, type Say } from '@/words'
import { thingsOf } from './shape-editor'
import { mainPiece, type Sized, type SizedPiece } from './size-batch'

/** How many boils there are; chocolate is melted and never boils, and what is made by hand is neither. */
function lotsOf(lots: number, melts: boolean): string[] {
  if (lots === 0) return []
  if (melts) return [lots === 1 ? 'melted at once' : `melted in ${lots} lots`]
  return [lots === 1 ? 'one boil' : `${lots} boils`]
}

/** How much is in the pot and how high it rises, how many boils it takes, and how many pieces there are of what weight. */
export function summary(sized: Sized, say: Say): string {
  const { plan } = sized
  const { boiled } = mainPiece(sized)
  // parts come first
  const { shape } = (sized.pieces.at(-1) as SizedPiece).formula
  const lots = plan.boils.filter((b) => sized.pieces.some((p) => p.part === b.part && p.boiled)).length
  const melts = boiled?.analysis.work === 'tempered'
  return [
    ...(boiled ? [`${say.weight(inGrams(boiled.analysis.potGrams))} in the pot`] : []),
    ...(boiled && !melts ? [`rises to ${formatLitres(boiled.analysis.peakLitres)}`] : []),
    ...lotsOf(lots, melts),
    `${plan.pieces} ${thingsOf(shape, plan.pieces)} of ${say.weight(inGrams(plan.pieceGrams))}`,
  ].join(' · ')
}
