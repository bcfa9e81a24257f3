/** By what the parts of a recipe are marked where they have no name of their own. */

/** What a mark is a mark of, "part 1", "pot A", as the source of a pattern. */
export const MARKED = 'component|group|ingredients|kettle|layer|list|mix|pan|part|paste|phase|pot|stage|syrup'
