/** What there is to mind of a finish, and what comes of a work done too early or too late. */
import type { FinishAssessment, FinishFigures, FinishFinding, HandworkKind, Instead } from '@/core'
import { formatSpan } from '../format'
import { type Said, type Sayings, sayFinding } from '../said'
import type { Say } from '../units'
import type { DoNowSaid } from './cook'
import { handworkNames, sayMoment } from './finish'
import { capital } from './names'

const insteads: Readonly<Record<Instead, string>> = {
  'cut-as-it-is': 'Leave it out: it is cut along a ruler, once it is as cool as the room',
  'cut-through': 'Cut right through it along a ruler, and break it there once it is cold',
  'warm-it': 'Warm it until it gives',
  'break-it': 'Leave it out and break it along no line, under paper',
  'back-on-heat': 'Back over low heat',
  'press-it': 'Press it level between two sheets',
  'under-lamp': 'Under a lamp or in a warm oven, turned now and then',
  'stir-it': 'Warm the bowl and work it on: the grain will be coarser',
}

/** After "to", where that is said otherwise: "too late to put the chips on". */
const toDoWords: Readonly<Partial<Record<HandworkKind, string>>> = {
  'lay-under': 'lay it under',
  leave: 'leave it alone',
  'cover-chips': 'put the chips on',
  table: 'spread it on the stone',
  gather: 'scrape it together',
  bake: 'take it out of the oven',
  cool: 'let it get cold',
}

const toDo = (kind: HandworkKind): string => toDoWords[kind] ?? handworkNames[kind]

/** Once it has been done: "scored too early". */
export const handworkDone: Readonly<Record<HandworkKind, string>> = {
  'lay-under': 'laid under',
  spread: 'spread',
  leave: 'left alone',
  score: 'scored',
  cut: 'cut',
  break: 'broken',
  pull: 'pulled',
  form: 'formed',
  fill: 'filled',
  pipe: 'piped',
  unmould: 'unmoulded',
  beat: 'beaten',
  whip: 'whipping stopped',
  'fold-in': 'folded in',
  'pour-over': 'poured over',
  'cover-chips': 'chips on',
  table: 'spread on the stone',
  gather: 'scraped together',
  temper: 'tempered',
  coat: 'coated',
  dust: 'dusted',
  sprinkle: 'sprinkled',
  chill: 'chilled',
  bake: 'out of the oven',
  cool: 'taken for cold',
  wrap: 'wrapped',
}

/** What comes of a work done before its window or after it. */
export const outcomeWords: Readonly<Partial<Record<HandworkKind, { readonly early: string; readonly late: string }>>> =
  {
    score: {
      early: 'the line closes again; score it once more later',
      late: 'it splinters under the blade; break it instead',
    },
    cut: { early: 'it smears and runs together again', late: 'it is hard to cut; warm the knife' },
    break: { early: 'it bends before it breaks', late: 'it breaks as it likes' },
    unmould: { early: 'they bend, and stick to the mould', late: 'they hold on to the mould' },
    beat: { early: 'beaten hot it grains coarse', late: 'it stiffens in the bowl and crumbles' },
    whip: { early: 'slack: it sets dense and weeps', late: 'it tears and will not level' },
    spread: { early: 'it runs further than you spread it', late: 'it tears, and lies in ridges' },
    fill: { early: 'bubbles stay in the pieces', late: 'it strings, and sets in the jug' },
    form: { early: 'it slumps flat again, and burns', late: 'it cracks instead of closing' },
    pull: { early: 'it runs through the hands, and burns', late: 'it cracks instead of stretching' },
    'cover-chips': { early: 'the chocolate scorches', late: 'the chips do not melt' },
    pipe: { early: 'it runs flat', late: 'it breaks off in the nozzle' },
    'pour-over': { early: 'it soaks into what is below', late: 'it does not level' },
    gather: {
      early: 'no crystal has formed yet, and it sets dull',
      late: 'it has set in lumps; warm the bowl until they melt',
    },
    temper: { early: 'too warm yet, the seed melts out again', late: 'it thickens; warm it by a degree or two' },
    cool: { early: 'it is still soft, and what is poured on it soaks in', late: 'it could have been worked before' },
    coat: { early: 'too warm it runs thin and dulls', late: 'it lies thick and in ridges' },
    'fold-in': { early: 'what is folded in melts or sinks', late: 'it will not take it up evenly' },
  }

const findings: Sayings<FinishFigures> = {
  missed: ({ kind, warmTo, warmFor, instead, downTo }, say) => ({
    text: `Too late to ${toDo(kind)}`,
    detail:
      warmTo === null
        ? `${insteads[instead]}${downTo === null ? '' : `: a knife goes through it down to ${say.temperature(downTo)}`}.`
        : `${instead === 'warm-it' ? 'Warm it to' : `${insteads[instead]}, or warm it to`} ${say.temperature(warmTo)}${warmFor !== null && Number.isFinite(warmFor) ? `: some ${sayMoment(warmFor)} in a low oven` : ''}.`,
  }),
  came: ({ kind, came, celsius }, say) => ({
    text: `${capital(handworkDone[kind])} too ${came}`,
    detail: `At ${say.temperature(celsius)}: ${outcomeWords[kind]?.[came] ?? 'it may not come out as it should'}.`,
  }),
  bare: ({ goes }) => ({
    text: 'It has lain bare too long',
    detail: `Its sides are ${goes === 'sticky' ? 'sticky' : 'dry'} by now: wrap it at once, or dust it first.`,
  }),
  closing: ({ kind, left }) => ({
    text: `${formatSpan(left)} left to ${toDo(kind)}`,
    detail: 'It stiffens quickly from here.',
  }),
  'too-warm': ({ kind, celsius, from, ahead }, say) => ({
    text: `At ${say.temperature(celsius)} it is too warm to ${toDo(kind)} by reckoning`,
    detail: `From ${say.temperature(from)} it is right, in ${sayMoment(ahead)}.${outcomeWords[kind] ? ` Before that, ${outcomeWords[kind].early}.` : ''}`,
  }),
  dew: ({ dew }, say) => ({
    text: 'It will weep when it comes out',
    detail: `It is below ${say.temperature(dew)}, where this room's air turns to drops. Leave it wrapped until it is warmer than that.`,
  }),
  'short-of-pieces': ({ left, wanted, warmTo }, say) => ({
    text: `About ${left} of ${wanted} before it stiffens`,
    detail: `Then back over low heat to ${say.temperature(warmTo)}, no higher. Two pours next time.`,
  }),
  'whipped-short': ({ gPerMl, least }) => ({
    text: 'Not light enough yet',
    detail: `${gPerMl.toFixed(2)} g/ml; it holds from ${least.toFixed(2)}. Poured now it sets dense and weeps.`,
  }),
  'out-of-temper': ({ celsius, most }, say) => ({
    text: 'It has melted out of temper',
    detail: `It read ${say.fine(celsius)}: above ${say.fine(most)} its crystals go, and it will bloom. Melt it whole and temper it again.`,
  }),
  'whipped-over': ({ gPerMl, most }) => ({
    text: 'Whipped past its best',
    detail: `${gPerMl.toFixed(2)} g/ml, under ${most.toFixed(2)}: spread it at once, it tears and dries early.`,
  }),
}

export const sayFinish = (finding: FinishFinding, say: Say): Said => sayFinding(findings, finding, say)

/** The panel's words, where the moment of what it asks for has passed: that it has, and what can still be done; no window where it has not come. */
export function asMissed(said: DoNowSaid, finish: FinishAssessment | null, say: Say): DoNowSaid {
  const missed = finish?.findings.find((f) => f.id === 'missed')
  if (!missed) return finish?.findings.some((f) => f.id === 'too-warm') ? { ...said, window: null } : said
  const { text, detail } = sayFinish(missed, say)
  return { ...said, say: text, why: detail, ahead: null, window: null }
}

/** The one thing to mind of a finish besides; null for nothing. */
export function sayFinishing(finish: FinishAssessment | null, say: Say): string | null {
  const first = finish?.findings.find((f) => f.id !== 'missed')
  if (!first) return null
  const { text, detail } = sayFinish(first, say)
  return `${text}. ${detail}`
}
