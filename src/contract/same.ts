/**
 * A proof, by the compiler, that a schema reads exactly what core means: `const _proof: Same<z.infer<typeof schema>, T> =
 * true` does not compile once a field is added, dropped, renamed or made optional on one side alone.
 */

/** Readonly or not is no difference between a schema and a type. */
type Plain<T> = T extends readonly (infer Item)[]
  ? Plain<Item>[]
  : T extends object
    ? { -readonly [Key in keyof T]: Plain<T[Key]> }
    : T

type Equal<A, B> = (<T>() => T extends A ? 1 : 2) extends <T>() => T extends B ? 1 : 2 ? true : false

/** True where both describe the same values, field by field. */
export type Same<A, B> = Equal<Plain<A>, Plain<B>>
