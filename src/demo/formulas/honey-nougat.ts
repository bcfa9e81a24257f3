import type { BoiledFormula } from '@/core'
import { allIn, dissolve, handsOff, lidOff, pour, pull, rest } from './steps'

const honeySyrup: BoiledFormula = {
  version: 1,
  name: 'Honey syrup',
  family: 'nougat',
  school: 'two-syrups-soft',
  about: 'Bay-leaf honey, cooked first and poured onto the egg whites while the sugar syrup climbs.',
  groups: [{ id: 'pot', label: 'In the small pot', celsius: 20 }],
  lines: [
    { id: 'honey', group: 'pot', ingredient: 'honey', grams: 300, note: 'infused with bay leaf, strained' },
    { id: 'honey-water', group: 'pot', ingredient: 'water', grams: 40 },
  ],
  target: { celsius: 122, within: 2 },
  steps: [
    allIn('Honey and water on, gently', 'Honey foams: a pot with room, a low flame.', 4),
    pull({
      meanwhile: { say: 'Watch it: honey climbs', why: 'Lift the pot off the flame for a breath if it rises.' },
      reach: 'Egg whites at soft peak, mixer running',
      seconds: 120,
      why: 'Past this it turns bitter before the sugar does.',
    }),
    pour(
      'Onto the whites',
      {
        say: 'Pour onto the whites in a thread, mixer running',
        why: 'Slowly, down the side: a rush scrambles the egg.',
      },
      'Honey is in',
    ),
  ],
  shape: { kind: 'broken', thicknessMm: 10, gramsEach: 50 },
  waste: 0.02,
  boils: [],
}

export const honeyNougat: BoiledFormula = {
  version: 1,
  name: 'Bay-leaf honey nougat with pistachio',
  family: 'nougat',
  school: 'two-syrups-soft',
  about: 'Two syrups onto egg white: honey first, sugar second, then nuts while it still pulls.',
  groups: [
    { id: 'pot', label: 'In the big pot, cold', celsius: 20 },
    { id: 'whites', label: 'In the bowl, at soft peak', celsius: 20 },
    { id: 'finish', label: 'Folded in warm', celsius: 60 },
  ],
  lines: [
    { id: 'sugar', group: 'pot', ingredient: 'sugar', grams: 460 },
    { id: 'glucose', group: 'pot', ingredient: 'glucose-42', grams: 210 },
    { id: 'water', group: 'pot', ingredient: 'water', grams: 150 },
    { id: 'whites', group: 'whites', ingredient: 'egg-white', grams: 66, note: 'two, at room temperature' },
    { id: 'nuts', group: 'finish', ingredient: 'pistachios', grams: 380, note: 'toasted, kept warm' },
    { id: 'salt', group: 'finish', ingredient: 'salt', grams: 3 },
  ],
  target: { celsius: 146, within: 2 },
  steps: [
    dissolve(),
    lidOff(),
    pull({
      meanwhile: handsOff,
      reach: 'Whites with the honey in, mixer on high, warm nuts',
      why: 'This syrup decides the bite: soft at 146°, hard at 155°.',
    }),
    {
      id: 'honey',
      label: 'Honey is in',
      when: { on: 'word', word: 'The honey has been whipped into the whites' },
      say: 'Check: honey and whites stand in firm ribbons',
      why: 'Sugar syrup onto slack whites gives a flat, wet nougat.',
      act: 'It stands',
      joins: 'honey',
    },
    {
      id: 'whites',
      label: 'Onto the whites',
      when: { on: 'ready' },
      say: 'Sugar syrup onto the whites in a thread, mixer on high',
      why: 'It cooks the egg as it goes in.',
      act: 'It is in',
      adds: 'whites',
      cautions: ['steam', 'rawEgg'],
    },
    {
      id: 'whip',
      label: 'Whip',
      when: { on: 'after', seconds: 480 },
      meanwhile: {
        say: 'Whip until it pulls from the bowl',
        why: 'Too short and it never sets; it stiffens as it cools.',
      },
      test: 'A drop in cold water holds and does not stick to the fingers',
      say: 'Stop when a cooled bit does not stick to the fingers',
      why: 'On a damp day go on a little longer, or it never sets.',
      act: 'It holds',
    },
    {
      id: 'nuts',
      label: 'Warm nuts',
      when: { on: 'ready' },
      say: 'Fold the warm nuts and salt in',
      why: 'Cold nuts set it before it is level.',
      act: 'Folded in',
      adds: 'finish',
    },
    pour(
      'Press the slab',
      { say: 'Between rice paper, rolled level', why: 'Press while it still gives: it will not flow by itself.' },
      'Pressed',
    ),
    rest(
      'Set 12 h',
      720,
      { say: 'Let it set, wrapped, away from damp', why: 'Honey takes up water from the air within the hour.' },
      { say: 'Cut with an oiled knife and wrap', why: 'Bare sides weep.', act: 'Cut and wrapped' },
    ),
  ],
  shape: { kind: 'cut', lengthMm: 40, widthMm: 15, heightMm: 20 },
  air: 0.3,
  waste: 0.06,
  boils: [],
  parts: [{ id: 'honey', label: 'Honey syrup', formula: honeySyrup, needs: [], celsius: 60 }],
}
