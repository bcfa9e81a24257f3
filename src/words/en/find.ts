/** A sentence asked of the log, taken apart: "toffee · on the left ring · pulled late · in October · with grain". */
import { type FamilyId, type FlawId, families, familyIds } from '@/core'
import { flawNames } from './log'

/** What a sentence asked for; what it was not understood by stays as words to look for. */
export interface Asked {
  q: string
  family?: FamilyId
  formula?: string
  ring?: string
  pulled?: 'early' | 'on' | 'late'
  month?: string
  score?: 'poor' | 'fair' | 'good' | 'best'
  flaw?: FlawId
  revision?: number
}

/** What the log knows by name. */
export interface Known {
  readonly rings: readonly string[]
  readonly formulas: readonly { readonly id: string; readonly name: string }[]
}

const MONTHS = 'january february march april may june july august september october november december'.split(' ')

/** Other words for a flaw than its name. */
const flawWords: Readonly<Record<string, FlawId>> = {
  grain: 'grained',
  grainy: 'grained',
  hard: 'too-hard',
  soft: 'too-soft',
  burnt: 'scorched',
  split: 'separated',
  shattered: 'shattered',
  thick: 'thick',
  thin: 'thin',
  ...Object.fromEntries(Object.entries(flawNames).map(([id, name]) => [name, id as FlawId])),
}

type Rule = (phrase: string, known: Known) => Partial<Asked> | null

const RULES: readonly Rule[] = [
  (p) => {
    const pulled = /^(?:pulled )?(late|early)$|^pulled (on target|right)$|^(on target)$/.exec(p)
    return pulled ? { pulled: pulled[1] === 'late' ? 'late' : pulled[1] === 'early' ? 'early' : 'on' } : null
  },
  (p) => {
    const found = /^(?:in |of )?([a-z]{3,9})(?: (\d{4}))?$/.exec(p)
    const i = found ? MONTHS.findIndex((m) => m === found[1] || m.slice(0, 3) === found[1]) : -1
    const month = String(i + 1).padStart(2, '0')
    return i < 0 ? null : { month: found?.[2] ? `${found[2]}-${month}` : month }
  },
  (p) => {
    const revision = /^(?:of )?rev(?:ision)? (\d{1,6})$/.exec(p)
    return revision ? { revision: Number(revision[1]) } : null
  },
  (p) => {
    const under = /^scored (?:under|below) (fair|good)$/.exec(p)
    if (under) return { score: under[1] === 'fair' ? 'poor' : 'fair' }
    const as = /^(?:scored )?(poor|fair|good|best)$/.exec(p)
    return as ? { score: as[1] as Asked['score'] } : null
  },
  (p) => {
    const flaw = flawWords[p.replace(/^(?:with|that|was|were) /, '')]
    return flaw ? { flaw } : null
  },
  (p, { rings }) => {
    const on = /^on (?:the )?(.+)$/.exec(p)?.[1]
    const ring = on && rings.find((r) => r.toLowerCase().includes(on.replace(/ (?:ring|burner|plate)$/, '')))
    return ring ? { ring } : null
  },
  (p, { formulas }) => {
    const family = familyIds.find((f) => p === f || p === families[f].label.toLowerCase() || p === `${f}s`)
    if (family) return { family }
    const named = formulas.filter((f) => f.name.toLowerCase().includes(p))
    return p.length > 3 && named.length === 1 ? { formula: named[0]?.id } : null
  },
]

/** Takes a sentence apart: phrases between "·" or commas, each by the first rule that knows it; the rest is looked for as it stands. */
export function readFind(text: string, known: Known): Asked {
  const asked: Asked = { q: '' }
  const words: string[] = []
  for (const phrase of text.split(/\s*[·,;]\s*/).map((p) => p.trim())) {
    const meant = RULES.map((rule) => rule(phrase.toLowerCase(), known)).find((found) => found !== null)
    if (meant) Object.assign(asked, meant)
    else if (phrase) words.push(phrase)
  }
  return { ...asked, q: words.join(' ') }
}

/** A month as it was asked for: "October", or "October 2026". */
export function sayMonth(month: string): string {
  const name = MONTHS[Number(month.slice(-2)) - 1] ?? month
  const said = name.charAt(0).toUpperCase() + name.slice(1)
  return month.length > 2 ? `${said} ${month.slice(0, 4)}` : said
}
