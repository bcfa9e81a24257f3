/** How cool a method wants something to be, where it says so in words or by touch. */

/** "Cut when nearly cold": so warm, whatever else could be cut warmer. ◊ */
const NEARLY_COLD = /\b(?:nearly|almost) (?:cold|cool)\b/i
const NEARLY_COLD_C = 30
/** "Leave until lukewarm" ◊ */
const LUKEWARM = /\b(?:leave|let|cool|stand|until|till)\b.*\b(?:lukewarm|tepid|blood heat)\b/i
const LUKEWARM_C = 43
/** "Until you can bear your finger in it", "when you can hold your hand on the bottom", "until the bottom of the pan feels barely warm": that tells only its maker. */
const FELT =
  /\b(?:as soon as|once|till|until|when) ((?:you can (?:just )?(?:bear|hold|keep|lay|put|rest) (?:your|a) (?:finger|hand|palm)|(?:the )?(?:base|bottom|outside|sides?) of the (?:kettle|pan|pot|saucepan) (?:feels|is)|(?:it (?:feels|is) )?(?:(?:just|barely|only|slightly) )+warm)\b[^,;]*)/i

/** So warm, °C, or what its maker feels then; null where a sentence says neither. */
export function coolnessIn(text: string): { readonly celsius: number } | { readonly word: string } | null {
  if (NEARLY_COLD.test(text)) return { celsius: NEARLY_COLD_C }
  if (LUKEWARM.test(text)) return { celsius: LUKEWARM_C }
  const word = FELT.exec(text)?.[1]?.replace(/ and (?:add|beat|stir|work)\b.*$/i, '')
  return word ? { word } : null
}
