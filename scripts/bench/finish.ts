/** What following a sweet after its pour costs. */
import { assessCook, type CookAssessment, type CookEvent, isBoiled, type Surface, slabCourse } from '@/core'
import { testBoil, testConditions } from '@/core/testing'
import { demoFormulas } from '@/demo/formulas'
import { microseconds, type Row } from './table'

const places: Surface[] = [
  { name: 'rack', kind: 'rack', thicknessMm: 0 },
  { name: 'bench', kind: 'wood', thicknessMm: 40 },
  { name: 'marble', kind: 'stone', thicknessMm: 30 },
  { name: 'fridge', kind: 'fridge', thicknessMm: 0 },
]
const slab = { mass: { k: 0.35, holds: 2.8e6 }, depthMm: 40, into: 'tray' as const, roomC: 21 }
/** Looks a second of a page at what it follows. */
const LOOKS = 4

/** Ten sweets that rest, as ten boils by hand just after their pour. */
function rests() {
  return Object.values(demoFormulas)
    .filter(isBoiled)
    .slice(0, 10)
    .map((formula) => {
      const boil = testBoil(formula, { channel: null, conditions: { ...testConditions, surfaces: places } })
      const events: CookEvent[] = []
      let at = 0
      for (const step of formula.steps) {
        at += step.when.on === 'target' ? 1500 : 40
        events.push(
          step.when.on === 'target'
            ? { id: step.id, at, type: 'pulled', step: step.id, celsius: formula.target.celsius }
            : { id: step.id, at, type: 'step', step: step.id },
        )
        if (step.empties) break
      }
      const record = { events, readings: [] }
      return { at, judge: (now: number, before?: CookAssessment) => assessCook(boil, record, now, before) }
    })
}

export function benchFinish(): Row[] {
  const ten = rests()
  const held = ten.map((r) => r.judge(r.at + 60))
  const tick = microseconds(
    (i) => {
      ten.forEach((r, k) => {
        held[k] = r.judge(r.at + 60 + i / LOOKS, held[k])
      })
    },
    240,
    5,
  )
  const eightHours = microseconds(
    () =>
      slabCourse(slab, 111, [
        { from: 0, on: places[1] as Surface },
        { from: 8 * 3600, on: places[0] as Surface },
      ]),
    20,
  )
  return [
    {
      what: 'a slab of 40 layers on wood over 8 h',
      measured: `${(eightHours / 1000).toFixed(2)} ms`,
      wanted: 'under 5 ms',
    },
    {
      what: 'ten rests followed in one window, share of a core',
      measured: `${((100 * tick * LOOKS) / 1e6).toFixed(2)} %`,
      wanted: 'under 5 %',
    },
    {
      what: 'a rest looked at for the first time',
      measured: `${(microseconds((i) => ten[i % ten.length]?.judge(600 + i), 10, 5) / 1000).toFixed(2)} ms`,
      wanted: '',
    },
  ]
}
