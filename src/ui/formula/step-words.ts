import { colourStages, formatSpan, type Sign, type Step, signs, type Trigger } from '@/core'

const signWords = (sign: Sign): string => signs[sign].label

export const colourName = (celsius: number): string =>
  colourStages.findLast((c) => c.celsius <= celsius)?.label ?? 'pale'

/** When a step falls due, in a few words; `say` says a temperature in the maker's unit. */
export function dueWords(
  { when, shows }: Pick<Step, 'when' | 'shows'>,
  say: (celsius: number) => string,
  target: number | null,
): string {
  const heat = triggerWords(when, say, target)
  if (shows === undefined) return heat
  return `${heat}, or ${typeof shows === 'number' ? colourName(shows) : signWords(shows)}`
}

function triggerWords(when: Trigger, say: (celsius: number) => string, target: number | null): string {
  switch (when.on) {
    case 'ready':
      return 'at once'
    case 'boil':
      return 'at the boil'
    case 'rises':
      return `at ${say(when.celsius)}`
    case 'falls':
      return `down to ${say(when.celsius)}`
    case 'target':
      return target === null ? 'at the target' : `at ${say(target)}`
    case 'after':
      return `after ${formatSpan(when.seconds)}`
    case 'colour':
      return `at ${colourName(when.celsius)}`
    case 'sign':
      return signWords(when.sign)
    case 'word':
      return when.word
  }
}
