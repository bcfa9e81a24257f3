import { describe, expect, it } from 'vitest'
import { CASES as MOMENTS } from './apart'
import { LINK as CHAIN_LINK, CASES as CHAINS } from './chains'
import { areApart, atLinks, type Case, knows } from './cuts'
import { LINK } from './links'

/** What is told, with its link and whether it is cut there. */
function read({ told }: Case): { head: string; tail: string; isCut: boolean } {
  const [, head = '', open, , tail = ''] = /^(.*)([[{])(.*)[\]}](.*)$/.exec(told) ?? []
  return { head, tail, isCut: open === '[' }
}

describe.each([
  ['moments', MOMENTS, LINK],
  ['chains', CHAINS, CHAIN_LINK],
] as const)('%s', (_, cases, link) => {
  it.each(cases.map((c) => [c.told, c] as const))('%s', (told, c) => {
    const { head, tail, isCut } = read(c)
    expect(atLinks(told.replace(/[[\]{}]/g, ''), link), 'the link is one').toContainEqual([head, tail])
    expect(cases.find((other) => knows(other, head, tail))?.told, 'no case before it decides').toBe(told)
    expect(areApart(cases, head, tail)).toBe(isCut)
  })
})
