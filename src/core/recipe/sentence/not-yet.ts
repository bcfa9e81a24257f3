/** What a method says is not to be done yet: it waits for its moment, and is not done by being spoken of. */

/** "Cut into squares; do not scrape the pan" */
const FORBIDDEN = /(?<!\b(?:it|that|they|we|which|you))[;,]?\s+\(?(?:(?:and|but) )?(?:do not|don.?t|never)\b[^;.]*/gi
/** A sentence without what it says is not to be done. */
export const withoutForbidden = (sentence: string): string => sentence.replace(FORBIDDEN, '')

/** "Do not add the salt until it is off the heat", "not until 120° does the butter go in": what waits goes in then, and not at once. */
const GOES_IN = '(?:add|(?:mix|put|stir|tip|whisk) in|put)'
const NOT_BEFORE = new RegExp(
  `(?<=^(?:(?:[-–*•]|\\d{1,2}[.)])\\s+)?|[.;!]\\s+)(?:(?:do not|don['’]?t|never) (?:(?:even think of )(?:adding )?|${GOES_IN} )([^.;,\\d]{3,40}?)(?: in)? (?:until|till?|before|below)|not (?:until|till?|before) ([^.;]{3,40}?) (?:do|does|should) ([^.;,\\d]{3,40}?) go in(?=[.;,]|$)) ?([^.;,]*)`,
  'giu',
)
/** The end, the heat, or what has to be so, as what comes before "add". */
const MOMENTS: readonly (readonly [RegExp, (when: string) => string])[] = [
  [/^(?:about |around )?\d/i, (when) => `At ${when}`],
  [/\boff\b/i, () => 'Off the heat'],
  [/^the (?:very )?(?:end|last)\b/i, () => 'At the end'],
  [/^(?:it|the \w+|you)\b/i, (when) => `Once ${when}`],
]
/** "Do not add the salt yet, but stir": what is done is left. */
const NOT_YET_BUT =
  /(?<=^(?:(?:[-–*•]|\d{1,2}[.)])\s+)?|[.;!]\s+)(?:do not|don['’]?t|never) (?:add|(?:mix|put|stir|tip) in)\b[^.;,]*, (?:but|instead|just|simply) (\p{L})/giu
/** A text in which what waits is told where it is done: "off the heat, add the salt". */
export const inItsTime = (said: string): string =>
  said
    .replace(NOT_YET_BUT, (_, first: string) => first.toUpperCase())
    .replace(NOT_BEFORE, (all, what?: string, before?: string, other?: string, after = '') => {
      const when = (before ?? after).trim()
      const moment = MOMENTS.find(([is]) => is.test(when))?.[1]
      return moment ? `${moment(when)}, add ${what ?? other}` : all
    })

/** "Do not add the salt yet", "no nuts yet", "adding it now would make it grain": what waits is not put in by that. */
const NOT_YET =
  /^(?:(?:please |try )?(?:do )?not|don.?t|never|refrain from|resist)(?: be tempted to)? (?:add(?:ing)?|(?:drop|mix|pour|put|stir|throw|tip|whisk)(?:t?ing)? (?:in\b|(?!(?:it|them|this)\b|.*\b(?:lid|thermometer|probe)\b).{3,30}?\bin(?: (?:at|just|now|too|while|yet)\b|$)))(?!.*\b(?:at once|too (?:fast|much|quickly))\b)|^(?:no|not) (?:the |any )?[\p{L} ]{2,30} (?:yet|now|at this (?:point|stage))$|^(?:the )?[\p{L} ]{2,30} (?:is|are|does|do|goes|should|must) not (?:be added |go in |in )*(?:in|now|yet)$|^leave (?:out (?:the )?[\p{L} ]{2,30}|(?:the )?[\p{L} ]{2,30} out) for (?:now|the moment)$|^(?:the )?[\p{L} ]{2,30} (?:comes?|follows?|goe?s? in) (?:afterwards|later)$|^(?:do not|don.?t) forget (?:the )?[\p{L} ]{2,30} (?:afterwards|later)$|^without (?:the |any )?[^,;]{2,40}$|^(?:if you (?:add|put in|stir in)|adding)\b[^,;]*\b(?:already|at this (?:point|stage)|early|earlier|here|now|too soon)\b/iu

/** Whether a sentence only says that something is not put in. */
export const isNotYet = (sentence: string): boolean => NOT_YET.test(sentence)
