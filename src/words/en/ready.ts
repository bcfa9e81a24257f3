/** Getting ready: what to do before the first flame, whether the equipment will do, and what does not scale. */
import type {
  EquipmentCheck,
  EquipmentFigures,
  NamedGrams,
  ReadyFigures,
  ReadyItem,
  Unscaled,
  UnscaledFigures,
} from '@/core'
import { formatLitres, formatPercent, formatSpan } from '../format'
import { type Said, type Sayings, sayFinding } from '../said'
import type { Say } from '../units'
import { capital, countWord, lower } from './names'
import { proseIn } from './prose'
import { aboutSpan } from './verdicts'

const list = (things: readonly NamedGrams[], say: Say): string =>
  things.map((t) => `${say.weight(t.grams)} ${lower(t.name)}`).join(', ')

const ready: Sayings<ReadyFigures> = {
  infuse: ({ things }, say) => ({
    text: `Infuse ${list(things, say)}, then strain`,
    detail: 'Flavour needs half an hour and heat to come out.',
  }),
  unchill: ({ things }, say) => ({
    text: `Take ${list(things, say)} out of the fridge`,
    detail: 'Cold whites whip to less.',
  }),
  chill: ({ things, fat, liquid }, say) => ({
    text: `Chill ${list(things, say)}`,
    detail: [
      ...(fat ? ['Only cold butter rubs in as crumbs.'] : []),
      ...(liquid ? ['Gelatin blooms in what is cold, and clumps in what is warm.'] : []),
    ].join(' '),
  }),
  bloom: ({ things }, say) => ({
    text: `Bloom ${list(things, say)} in its cold liquid`,
    detail: 'Dry gelatin in hot syrup clumps and never dissolves.',
  }),
  soak: ({ things }, say) => ({
    text: `Soak ${list(things, say)} in ice water`,
    detail: 'Wring it out: the water it holds is weighed with it.',
  }),
  toast: ({ things, oven }, say) => ({
    text: `Toast ${list(things, say)} at ${say.temperature(oven)}, keep warm`,
    detail: 'Pale they taste of little, and cold they chill the syrup. Bought roasted, only warm them.',
  }),
  'keep-hot': ({ things }, say) => ({
    text: `${capital(list(things, say))} into a low oven, the hard kernels out`,
    detail: 'Cold popcorn sets the syrup before it is coated.',
  }),
  'cut-up': ({ things }, say) => ({
    text: `Cut up ${list(things, say)}`,
    detail: 'Even pieces melt at one pace.',
  }),
  chop: ({ things }, say) => ({
    text: `Chop ${list(things, say)}`,
    detail: 'Fine pieces melt before the bottom scorches.',
  }),
  sift: ({ things }, say) => ({
    text: `Sift ${list(things, say)}`,
    detail: 'A lump of soda is a brown, bitter spot.',
  }),
  warm: ({ things }, say) => ({
    text: `Warm ${list(things, say)}, lid on`,
    detail: 'Cold, it makes hot sugar spit and seize.',
  }),
  tray: ({ trays, name }) => ({
    text: `Line and grease ${trays > 1 ? `${countWord(trays)} ${name}s` : `the ${name}`}, paper above the rim`,
    detail: 'Nobody can leave the pot later.',
  }),
  mould: ({ name, sticks }) => ({
    text: `Dry the ${name}, set it on a sheet${sticks ? ', sticks in' : ''}`,
    detail: 'A damp cavity clouds the sweet; a soft mould full of hot syrup cannot be lifted bare.',
  }),
  dust: () => ({
    text: 'Sift cornflour and icing sugar for dusting',
    detail: 'It sticks to everything until it is dusted.',
  }),
  bath: () => ({
    text: 'Fill a sink or bowl with cold water for the base of the pot',
    detail: 'The base keeps heating the syrup after it is off the flame.',
  }),
  thermometer: () => ({
    text: 'Check the thermometer in boiling water',
    detail: 'A thermometer a few degrees off is another sweet.',
  }),
  ice: () => ({
    text: 'Ice water beside the stove, children and pets out',
    detail: 'For a touched finger, at once; and for the drop test.',
  }),
  weigh: ({ lines }) => ({
    text:
      lines === 1 ? 'Weigh out the one ingredient' : `Weigh out ${lines === 2 ? 'both' : `all ${lines}`} ingredients`,
    detail: 'Everything within reach before the heat goes on.',
  }),
  own: ({ say: sentence }, say) => ({ text: proseIn(sentence, say), detail: '' }),
}

export const sayReady = (item: ReadyItem, say: Say): Said => sayFinding(ready, item, say)

const equipment: Sayings<EquipmentFigures> = {
  thermometer: ({ name, readsTo, hottest, enough }, say) => ({
    text: enough ? `The ${name} reads high enough` : `The ${name} stops at ${say.temperature(readsTo)}`,
    detail: enough
      ? `to ${say.temperature(readsTo)}; this goes to ${say.temperature(hottest)}`
      : `this goes to ${say.temperature(hottest)}: do not put it in the pot`,
  }),
  pot: ({ name, peakLitres, potLitres, fill }) => ({
    text: fill > 1 ? `Too tall for the ${name}` : `The ${name} has the headroom`,
    detail: `${formatLitres(peakLitres)} at the worst moment, of ${potLitres} l`,
  }),
  depth: ({ depth, wanted, enough }, say) => ({
    text: enough ? 'Deep enough for a probe' : 'Too shallow for a probe',
    detail: `${say.length(depth)} at the pull; a tip wants ${say.length(wanted)}${enough ? '' : ': tilt the pot, or take a narrower one'}`,
  }),
  tray: ({ name, poured, rim }, say) => ({
    text: rim === null ? `The ${name}` : poured > rim ? `The ${name} is too shallow` : `The ${name} is deep enough`,
    detail:
      rim === null
        ? `poured ${say.length(poured)} deep; its depth is not noted in the kitchen`
        : `poured ${say.length(poured)} deep, the rim stands at ${say.length(rim)}`,
  }),
  mould: ({ name, needed, there }) => ({
    text: needed > there ? `${needed} moulds wanted at once, ${there} there` : 'Enough moulds for a boil',
    detail:
      needed > there ? 'pour what is left of each boil as a sheet, or make less' : `${needed} of ${there} × ${name}`,
  }),
}

export const sayEquipment = (check: EquipmentCheck, say: Say): Said => sayFinding(equipment, check, say)

const unscaled: Sayings<UnscaledFigures> = {
  time: ({ time, asWritten }) => ({
    text: `${aboutSpan(time)} from the first flame to the pull`,
    detail:
      Math.abs(time - asWritten) < 30
        ? 'a ring drives off so much water a minute, and no more however much there is'
        : `as written it would be ${aboutSpan(asWritten)} on this ring: the same ring has all the water to drive off`,
  }),
  water: ({ listed, enough, tooMuch }, say) =>
    tooMuch
      ? {
          text: `${say.weight(enough)} of water would dissolve it`,
          detail: `${say.weight(listed)} is in the list: less water is less time, not another sweet`,
        }
      : { text: 'Water to start with is about right', detail: `${say.weight(enough)} is what dissolves the sugar` },
  foam: ({ peakLitres, fill, pot }) => ({
    text: `Rises to ${formatLitres(peakLitres)}`,
    detail: `grows with the batch, the pot does not: ${formatPercent(fill)} of the ${pot}`,
  }),
  pouring: ({ until, vessels }) => ({
    text: `${aboutSpan(until)} to pour it all, however much there is`,
    detail:
      vessels > 1
        ? `${vessels} to fill from each boil: ${formatSpan(until / vessels)} each`
        : 'one tray or mould to fill',
  }),
  flavour: ({ begin, listed }, say) => ({
    text: `Flavour: begin with ${say.fineWeight(begin)}`,
    detail: `the list says ${say.fineWeight(listed)} in proportion; add the rest by taste of a cooled drop`,
  }),
  soda: ({ soda }, say) => ({
    text: `Soda: ${say.fineWeight(soda)}, sifted and stirred in within ten seconds`,
    detail: 'a large boil loses gas while it is stirred: mix it no longer than a small one',
  }),
}

export const sayUnscaled = (row: Unscaled, say: Say): Said => sayFinding(unscaled, row, say)
