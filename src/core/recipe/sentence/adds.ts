/** What puts something in, as the source of a pattern: the same words wherever a sentence is asked whether it does. */
const INTO_IT = [
  'beat',
  'blend',
  'drop',
  'dump',
  'fold',
  'grate',
  'mix',
  'put',
  'slip',
  'stir',
  'swirl',
  'throw',
  'tip',
  'toss',
  'whisk',
]

/** "Add", "stir in", "stir them in", "sieve over": source of a pattern of whole words. */
export const ADDS_IN = `(?:add|(?:${INTO_IT.join('|')}) in|(?:beat|fold|mix|stir|whisk) them in|(?:sieve|sift) (?:in|over))`
