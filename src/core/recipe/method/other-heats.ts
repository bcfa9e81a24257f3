/** Heats that a text speaks of and that nobody is to boil to: limits, what would be too hard, other days, other kitchens. */

import { withoutBrackets } from '../sentence/moves'
import { DEGREES, onlyTells, patternsOf } from './only-told'

const N = `(?:about |around |roughly )?${DEGREES}(?![\\d.,]* ?(?:%|k?g\\b|m?l\\b|min|mm|cm|sec))`
const IT = '(?:it|they|this|the \\w+)'
const TOO = '(?:too |very )?(?:brittle|burnt|chewy|dark|dry|firm|grainy|hard|runny|soft|sticky|tough)'

const said = patternsOf({ N, IT, TOO })

const OTHER: readonly RegExp[] = [
  // "no more than 121 °C", "121 °C at most", "it must not reach 121 °C", "not 121 °C"
  said(
    '^(?:but |and )?(?:at most|max(?:imum)?\\.?:?|(?:no|not|never) (?:any )?(?:above|beyond|further|higher|hotter|more|over|past)(?: than)?) <N>',
  ),
  said('^<N>,? (?:at (?:the )?most|max(?:imum)?|tops)$'),
  said(
    '^<IT> (?:can|may|must|should)(?: not| never|n.?t) (?:be |climb |exceed |get |go |hit |pass |reach |rise |touch )(?:above |over |past |to )?<N>',
  ),
  said('^(?:and |but )?not <N>$'),
  said('^(?:(?:do )?not|don.?t|never) (?:boil|cook|go|take|wait)\\b[^,;]{0,80}? (?:for|till?|to|until) <N>'),
  // "above 121 °C it gets hard", "121 °C is too hard", "115 °C is too soft and 121 °C too hard"
  said('^(?:above|at|beyond|over|past) <N>,? <IT> (?:becomes?|gets?|goes|is|turns?|will be|would be|would get) <TOO>$'),
  said(
    '^<N> (?:gives|is|makes (?:it|them)|was|would be) (?:far |much )?(?:too |a bit |rather )<TOO>\\b(?:(?: and|,) <N> (?:is )?<TOO>)?$',
  ),
  said('^<N>,? (?:gave|last (?:batch|time)|made|turned|was|were|would)\\b'),
  said('^(?:we|you) (?:do not|don.?t) want\\b[^;]{0,80}<N>'),
  // "stop before it gets to 121 °C"
  said(
    '^(?:(?:get|have|take) (?:it|the \\w+) off|pull(?: it)?|remove(?: it)?|stop) before (?:<IT> (?:gets|goes|hits|is|reaches)(?: at| to)? )?<N>$',
  ),
  // "it will go on to 121 °C by itself"
  said(
    '^(?:<IT>|carry-?over)\\b[^,;]{0,80}\\b(?:carr(?:y|ies)|climbs?|coasts?|creeps?|goe?s? on|rises?|takes? it)\\b[^,;]{0,80} to <N> (?:by itself|from the heat of the \\w+|off the heat|on its own)$',
  ),
  said('^carry-?over (?:brings|takes|will bring|will take) it to <N>$'),
  // "I once went to 121 °C", "the book says 121 °C", "some like 121 °C", "in summer 121 °C"
  said(
    '^(?:I once|once (?:I|we)\\b|last (?:month|night|summer|week|winter|year) I|my (?:first|last|mother.?s|old|other)\\b|most (?:books|people|recipes)|others|some(?: books| cooks| makers| people| recipes)?|yesterday I)\\b [^,;]{0,80}\\b(?:boil(?:ed)?|calls? for|cooked|go(?:es)?|like|prefer|let|said|says?|took|want|went)\\b[^;]{0,80} <N>',
  ),
  said('^some (?:like|prefer|want) <N>'),
  said('^the (?:book|box|label|original(?: recipe)?|packet) (?:calls for|said|says) <N>'),
  said(
    '^(?:in (?:cold|damp|hot|humid|warm|wet) weather|in (?:summer|winter)|on (?:an? )?(?:cold|damp|dry|hot|humid|rainy|wet) days?)\\b[^;]{0,80}? <N>',
  ),
  // "my thermometer reads 121 °C there", "water boils at 98 °C here"
  said('^(?:my|our) (?:\\w+ )?thermometer (?:reads|says|shows) <N>(?: there| then)?$'),
  said('^on (?:my|our) (?:\\w+ )?thermometer (?:it|that) is <N>$'),
  said('^(?:check|test) (?:my|the|your) (?:\\w+ )?thermometer in (?:boiling )?water\\b.{0,60}<N>'),
  said('^(?:here )?water boils at <N>'),
  said('^<IT> (?:begins|starts|will (?:begin|start)) (?:boiling|to boil) at <N>$'),
]

/** What a stage is, where the text has said already to what it boils. */
const STAGE_IS = said(
  '^(?:(?:(?:that|which)(?: is|.s) )?(?:the )?(?:soft|firm|hard)[- ]?(?:ball|crack)|caramel|sugar)(?: stage)?(?:,| \\(| begins| burns| is| melts| means| runs| starts) ?(?:at |from )?(?:between )?<N>',
)
/** "If you overshoot to 121 °C": nobody wants to. */
const TOO_FAR = said(
  '^(?:if|should) (?:<IT>|you)\\b[^,;]{0,80}\\b(?:above|beyond|hits?|over|overshoots?|past|too)\\b[^,;]{0,80}<N>',
)
/** "At sea level cook to 260 F; at 5,000 ft cook to 250 F", where the text says elsewhere to what it is boiled. */
const AT_HEIGHT = said('^at (?:sea[- ]level|\\d[\\d,.]* ?(?:ft|feet|m|met(?:re|er)s?)) (?:boil|cook|go|take it) to <N>')
const HAS_HEAT = /\b1\d\d ?(?:[°º] ?)?[CF]\b|\b[23]\d\d ?(?:[°º] ?)?F\b|\b1\d\d ?[°º]/u
const ORDERS = said(
  '^(?:then |now )?(?:boil|bring|cook|get|heat|simmer|take)\\b[^;]{0,80}\\b(?:reaches|till?|to|until)\\b[^;]{0,80}?\\d{2,3}',
)

/** The sentences of a method that speak of such a heat alone. Where the text says to what it boils, whatever only tells of a heat is one of them. */
export function otherHeats(sentences: readonly string[]): ReadonlySet<string> {
  const ordered = sentences.some((s) => ORDERS.test(s))
  const isOther = (s: string): boolean =>
    OTHER.some((other) => other.test(s)) ||
    // "decook with the hot cream (it will fall to 108°)" tells of no heat itself
    (ordered &&
      HAS_HEAT.test(withoutBrackets(s)) &&
      (STAGE_IS.test(s) || TOO_FAR.test(s) || AT_HEIGHT.test(s) || onlyTells(s)))
  return new Set(sentences.filter(isOther))
}
