/** Changes to a formula: two revisions side by side, one ingredient for another, another school. */
import {
  type Browning,
  type Corrected,
  type Difference,
  type DifferenceValues,
  inGrams,
  type Kept,
  type RefusalId,
  type SchoolFigures,
  type SchoolNote,
  type SwitchFigures,
  type SwitchNote,
} from '@/core'
import { formatPercent, formatShare } from '../format'
import { type Sayings, sayFinding } from '../said'
import type { Say } from '../units'
import { biteNames } from './names'

const grains: Readonly<Record<DifferenceValues['grain'], string>> = {
  none: 'all dissolved',
  resists: "won't",
  'if-stirred': 'if stirred',
  may: 'may',
  readily: 'readily',
}

const brownings: Readonly<Record<Browning, string>> = {
  'early-deep': 'early and deep',
  early: 'early',
  'rather-early': 'rather early',
  late: 'late',
}

interface Subject<V> {
  readonly what: string
  value(v: V, say: Say): string
}

const subjects: { readonly [Id in keyof DifferenceValues]: Subject<DifferenceValues[Id]> } = {
  bite: { what: 'Bite', value: (v) => biteNames[v] },
  water: { what: 'Water', value: formatShare },
  grain: { what: 'Grains', value: (v) => grains[v] },
  doctors: { what: 'Doctors', value: formatShare },
  humidity: { what: 'Sticky above', value: (v) => `${formatPercent(v)} humidity` },
  browning: { what: 'Browns', value: (v) => brownings[v] },
  allergens: { what: 'Allergens', value: (v) => v.join(', ') || 'none listed' },
  out: { what: 'Out of the pot', value: (v, say) => say.weight(v) },
}

/** A difference as a row: what, before, after. */
export function sayDifference(d: Difference, say: Say): { what: string; before: string; after: string } {
  const subject = subjects[d.id] as Subject<unknown>
  return { what: subject.what, before: subject.value(d.before, say), after: subject.value(d.after, say) }
}

const kept: Readonly<Record<Kept, string>> = {
  fat: 'fat',
  'sugar-solids': 'sugar solids',
  'sweetener-solids': 'sweetener solids',
  weight: 'weight',
  set: 'set',
}
const corrected: Readonly<Record<Corrected, string>> = { salt: 'salt', water: 'water', fat: 'fat' }

const switches: Sayings<SwitchFigures, string> = {
  becomes: (f, say) =>
    `${say.weight(f.beforeGrams)} ${f.before.toLowerCase()} becomes ${say.weight(f.afterGrams)} ${f.after.toLowerCase()}: the same ${kept[f.kept]}`,
  taken: ({ line, from, to, of, short }, say) => {
    const rest = short > 0 ? `, and ${say.weight(short)} too much ${corrected[of]} remains` : ''
    return to > 0
      ? `${line.toLowerCase()} ${say.weight(from)} → ${say.weight(to)} for its ${corrected[of]}${rest}`
      : `${line.toLowerCase()} is left out: its ${corrected[of]} is in there already${rest}`
  },
  'no-line': ({ grams, of }, say) =>
    `${say.weight(inGrams(Math.abs(grams)))} ${grams > 0 ? 'more' : 'less'} ${corrected[of]}, with no line to put it right in`,
}

export const saySwitch = (note: SwitchNote, say: Say): string => sayFinding(switches, note, say)

/** Why an exchange does not work. */
export const refusals: Readonly<Record<RefusalId, string>> = {
  'margarine-splits': 'Margarine has other fats, more water and no milk to brown: the fat splits out on the way up.',
  'nothing-binds':
    'Without the butter’s milk and water there is nothing to hold fat and syrup together: it separates in the pot.',
  'starch-catches': 'The starch in icing sugar clouds the syrup, foams and catches.',
  'never-dries': 'So much fructose never sets to a dry glass: it turns sticky within the hour.',
  'breaks-foam': 'Its acid and minerals break the foam.',
  'holds-no-air': 'Agar and pectin set brittle and hold no air: a marshmallow needs gelatin or egg white.',
  'no-cream': 'Plant drinks bring starch or little protein: the fudge neither browns nor creams as it should.',
  'burns-first': 'Brown sugar burns before it is dry enough to snap, and turns sticky.',
}

const schools: Sayings<SchoolFigures, string> = {
  target: ({ celsius }, say) => `The target is ${say.temperature(celsius)} at sea level`,
  'dissolves-first': ({ water }, say) => `The sugar dissolves first, in ${say.weight(water)} of water under a lid`,
  'cools-then-beaten': ({ celsius }, say) => `It cools undisturbed to ${say.temperature(celsius)}, then is beaten`,
  'name-only': ({ school }) => `Only the name of the school changed: write what ${school} asks`,
  'by-thermometer': () => 'The pull goes by the thermometer alone',
  'no-sugar-dry': () => 'There is no sugar to begin with: write the dry start yourself',
  'melts-alone': () => 'The sugar melts alone, in two lots; its water is left out',
  'rest-stops-it': () => 'What went in with it now stops the caramel, warm',
  'no-sugar-wet': () => 'There is no sugar to dissolve: write the wet start yourself',
  empty: () => 'Nothing goes into the pot yet',
  'all-in': () => 'Everything goes in together and is stirred from the start',
  'no-nuts': () => 'There are no nuts or seeds in it',
  'cream-by-colour': () => 'The cream goes in by colour: amber',
  'cream-by-heat': () => 'The cream goes in by the thermometer',
  'stirred-throughout': () => 'Stirred throughout',
  'left-alone': () => 'Left alone from the boil on',
  'pull-by-colour': () => 'The pull goes by colour',
  'eye-on-pot': () => 'You watch the pot, not the dial',
  'pull-by-streak': () => 'The pull goes by the clean streak',
  'stirred-hot': () => 'It is stirred hot and poured',
  'nuts-early': () => 'Nuts go in at soft ball and toast in the syrup',
  'nuts-late': () => 'Nuts go in roasted, off the heat',
}

export const saySchool = (note: SchoolNote, say: Say): string => sayFinding(schools, note, say)
