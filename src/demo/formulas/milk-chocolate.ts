import type { BoiledFormula } from '@/core'
import { dipped, pull, work } from './steps'

export const milkChocolate: BoiledFormula = {
  version: 1,
  name: 'Pilot-house milk chocolate',
  family: 'chocolate',
  school: 'tabled',
  about:
    'Melted, most of it worked on the stone until it thickens, and stirred back: for when no seed is in the house.',
  groups: [{ id: 'melt', label: 'Over the water, chopped', celsius: 21 }],
  lines: [{ id: 'melt', group: 'melt', ingredient: 'milk-chocolate', grams: 600 }],
  target: { celsius: 43, within: 2 },
  steps: [
    {
      id: 'melt',
      label: 'Melt',
      when: { on: 'ready' },
      say: 'Chocolate over barely steaming water, heat low',
      why: 'A drop of water seizes it; milk scorches sooner than dark.',
      act: 'It is on',
      adds: 'melt',
      heat: 1,
    },
    pull({
      meanwhile: { say: 'Stir now and then; the bowl touches no water', why: 'The rim overheats first.' },
      reach: 'A clean, dry stone, two scrapers, paper for a smear',
      seconds: 60,
      say: 'Off the water, bowl dried underneath',
      why: 'No crystal of the old kind may be left.',
    }),
    work(
      { kind: 'table' },
      {
        label: 'On the stone',
        when: { on: 'ready' },
        say: 'Most of it onto the stone, the rest kept warm in its bowl',
        why: 'The stone takes it down to where its crystals form.',
        act: 'It is on the stone',
      },
    ),
    work(
      { kind: 'gather' },
      {
        label: 'Back in',
        meanwhile: { say: 'Spread and scrape together, without pause', why: 'What lies still sets in lumps.' },
        say: 'Scrape it up, back into the bowl, stir',
        why: 'It thickens: the warm rest brings all of it to where it works.',
        act: 'Back in the bowl',
        test: 'It thickens and loses its shine',
      },
    ),
    work(
      { kind: 'temper', chocolate: 'milk' },
      {
        label: 'In temper',
        meanwhile: { say: 'Stir on', why: 'Stirring spreads the crystal.' },
        say: 'It works now: a smear on paper',
        why: 'Set firm and glossy in 3 to 5 minutes, it is in temper.',
        act: 'In temper',
        test: 'A smear on paper',
      },
    ),
    dipped,
  ],
  shape: { kind: 'broken', thicknessMm: 3, gramsEach: 10 },
  waste: 0.05,
  boils: [],
}
