import { expect, it } from 'vitest'
import type { LoggedAct } from '@/contract/cook'
import { type CookAct, isBoiled } from '@/core'
import { boilOf, clockAct, START } from '@/ui/stove/testing'
import { replay } from './replay'

it('a replay tells what was logged, what the stove said and when it began to, and where it ended', () => {
  const boil = boilOf('quince-lollipops')
  const start = Date.parse(START)
  const acts: LoggedAct[] = [clockAct()]
  const log = (at: number, act: CookAct) =>
    acts.push({
      id: `01JD3M9Q6S8ZK3V3N8C0A7T5${100 + acts.length}`,
      at: new Date(start + at * 1000).toISOString(),
      act,
    })
  const [first, lid, pull] = boil.formula.steps
  if (!isBoiled(boil.formula) || !first || !lid || !pull) throw new Error('it has three steps')
  log(2, { type: 'step', step: first.id })
  log(300, { type: 'step', step: lid.id })
  log(900, { type: 'pulled', step: pull.id, celsius: 146 })
  log(960, { type: 'finished' })
  const readings = Array.from({ length: 940 }, (_, s): [number, number] => [start + s * 1000, 20 + (126 * s) / 900])
  const lines = replay({ boil, log: { cursor: '0.0', wall: start, readings, acts } })
  const text = lines.join('\n')
  expect(lines[0]).toMatch(/^Quince lollipops, boil 1: 5 acts, 940 readings$/)
  expect(text).toMatch(/^0:02 {2}logged: /m)
  expect(text).toMatch(/^\d+:\d\d {2}14[0-9]\.\d°, \d\.\d° to go {2}now /m)
  expect(lines.at(-1)).toMatch(/^reached 15\d\.\d°, 15 min$/)
  // a line begins with something new
  const said = lines.filter((l) => !l.includes('logged')).map((l) => l.replace(/^.*? {2}.*? {2}/, ''))
  expect(said.every((l, i) => l !== said[i - 1])).toBe(true)
})
