/** What the demo's cooks said of their batches: marks that follow from what happened, notes that differ. */
import { type Judged, nothingJudged } from '@/contract/verdict'
import type { FlawId } from '@/core'
import { normal } from '@/core/quantity/seeded'

const mark = (x: number): number => Math.round(Math.min(5, Math.max(1, x)))

interface Happened {
  readonly formulaId: string
  /** °C past the target. */
  readonly offBy: number
  readonly humidity: number
  readonly score: number
  readonly pieceGrams: number
  readonly flaws: readonly FlawId[]
  readonly pieces: number
}

/** Those that crack, and so are judged by their snap. */
const cracks = /drops|toffee|brittle/

/** Marks for a batch: harder past the target, stickier in damp air, and a bin for what nobody would sell. */
export function judgedOf(h: Happened, random: () => number): Judged {
  const wobble = (sd: number): number => sd * normal(random)
  const glassy = cracks.test(h.formulaId)
  const pieceGrams = Math.round(10 * h.pieceGrams * (1 + wobble(0.012))) / 10
  return {
    ...nothingJudged,
    tasting: {
      scales: {
        bite: mark(3 + (glassy ? 0.16 : 0.28) * h.offBy + wobble(0.3)),
        grain: h.flaws.includes('grained') ? 5 : mark((h.formulaId.includes('fudge') ? 2 : 1.2) + wobble(0.3)),
        stick: mark(1.4 + 9 * Math.max(0, h.humidity - 0.66) - 0.15 * h.offBy + wobble(0.3)),
        thick: mark(3 + wobble(0.3)),
        flavour: mark(h.score + wobble(0.4)),
        ...(glassy && { gloss: mark(4 + wobble(0.6)) }),
      },
      pieceGrams,
    },
    flaws: [...h.flaws],
    binned: h.score === 1 ? { pieces: h.pieces, reason: h.flaws[0] ?? 'not fit to sell' } : null,
    kept:
      random() < 0.3
        ? [
            {
              days: 7,
              stick: mark(1.6 + 9 * Math.max(0, h.humidity - 0.66) + wobble(0.4)),
              note: 'Looked at in its bag.',
            },
          ]
        : [],
  }
}

/** What each formula has taught, said once, by the number of its batch. */
export const lessons: Readonly<Record<string, string>> = {
  'rhubarb-nettle-elderflower-drops': 'Lesson: the yellow boil goes last, it shows every stray speck of pink.',
  'smoked-salt-tamarind-caramels':
    'Lesson: half a degree is a whole bite here. Read the fine figure, not the round one.',
  'coconut-chip-brittle': 'Lesson: chips straight from the cold store stall the boil for two minutes. Warm them first.',
  'orchard-toffee': 'Lesson: heat 6 from 132° on. Any higher and the butter parts at the pull.',
}

const remarks: readonly { readonly upTo: number; readonly words: readonly string[] }[] = [
  {
    upTo: -1.5,
    words: [
      'Pulled early: softer than it should be. Trust the line next time.',
      'Too soft, still good. Wait for the target.',
      'Short by a hair too much: the corners slumped overnight.',
      'Lifted at the first whiff of colour; should have waited.',
    ],
  },
  {
    upTo: 1.5,
    words: [
      'Right where it should be.',
      'Clean batch, no change.',
      'Good bite, good colour.',
      'Even from edge to middle. Wrapped before noon.',
      'Two trays at once, second cook poured: no difference.',
      'Slow to the boil, fast at the end. Came off on the line.',
      'Nothing to add.',
      'The test drop and the probe said the same.',
      'Thin at one corner: level the rack.',
      'Windows shut today, and it shows: dry to the touch at once.',
      '',
    ],
  },
  {
    upTo: 3,
    words: [
      'A touch far. Pull sooner on this ring.',
      'Harder than last time; the pan carried it on.',
      'Went past while the tray was being lined. Line it first.',
      'Bites like the old ones. Some like it so.',
    ],
  },
  {
    upTo: Number.POSITIVE_INFINITY,
    words: [
      'Went well past. Too dark, sold as seconds.',
      'Scorched at the base: heat too high at the end.',
      'The phone rang. Seconds.',
    ],
  },
]

/** A note for a batch that ended `offBy` °C past its target, the `nth` of the log: no two in a row are alike. */
export function noteFor(offBy: number, nth: number): string {
  const { words } = remarks.find((r) => offBy < r.upTo) as (typeof remarks)[number]
  return words[(nth * 5) % words.length] as string
}

const DAY = 86_400_000
const WEAKENS_FROM = Date.parse('2026-10-01')
const CLEANED = Date.parse('2026-10-27')
/** Share of its heat the left ring has lost when it is cleaned. */
const LOST = 0.2

/** What the left ring gives of what it should: it clogs through October and is cleaned on the 27th. */
export const leftRing = (at: number): number =>
  at < WEAKENS_FROM || at >= CLEANED + DAY / 2 ? 1 : 1 - (LOST * (at - WEAKENS_FROM)) / (CLEANED - WEAKENS_FROM)
