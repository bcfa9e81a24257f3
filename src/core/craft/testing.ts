import type { Expected } from './families/family'

/** What the file of a family says its numbers are checked by. */
export const expectedOf = async (id: string): Promise<Expected> =>
  ((await import(`./families/${id}.ts`)) as { readonly expected: Expected }).expected
