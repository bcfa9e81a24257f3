/** The first step of a works' sheet, with the list in it. */
import { ROW_ENDS } from './plain'
import { bare, ENDS_WITH_AMOUNT } from './unmarked'

const CHARGES =
  /^((?:charge|fill|load|put (?:in|into)|weigh (?:in|into)) (?:an? |the )?(?:cooker|kettle|pan|pot|saucepan|vessel)(?: with)?): (.+?)\.?$/i

/** "1. Charge kettle: glucose 4.2 kg, sugar 3.6 kg" as the lines of the list and a sentence that puts them in; null for any other row. */
export function charged(line: string): string[] | null {
  const [, does = '', listed = ''] = CHARGES.exec(bare(line)) ?? []
  const named = listed.split(/,\s+/)
  if (named.length < 2 || !named.every((piece) => ENDS_WITH_AMOUNT.test(piece))) return null
  const names = named.map((piece) => piece.replace(/\s+[\d.,]+ ?\p{L}+$/u, ''))
  return [...named, ROW_ENDS, `Put ${names.join(', ')} in the ${/\w+(?= with$|$)/.exec(does)?.[0]}.`]
}
