import { describe, expect, it } from 'vitest'
import { chance } from '../../../tests/rough/chance'
import { brokenRules, roughDay } from '../../../tests/rough/day'
import { runOut } from '../quantity/run-out'
import { asPlanned, planInOrder, replan } from './plan'
import { begun, dueIn, nextMoment, obeyedDay, practiceDay, practisedUntil, pulled, pullsDue } from './practise'
import { afterwards, meantOf, newsOf, pacesFrom, togetherIn, whereTimeWent } from './running'
import { planning } from './search'

const day = roughDay(7)
const plan = planInOrder(day, [])
const meant = meantOf(plan)
const firstPull = plan.placed.find((p) => p.task.kind === 'work') ?? plan.placed[0]

describe('what has moved', () => {
  it('is nothing where all went as planned', () => {
    const soFar = asPlanned(plan, plan.end / 2)
    const news = newsOf(day, meant, replan(day, plan, soFar), soFar)
    expect(news.off).toBeNull()
    expect(news.endMoved).toBeCloseTo(0, 0)
    expect(news.late).toEqual([])
    expect(news.overdue).toBeNull()
  })

  it('is the last task that ended off its plan, by how much, late or soon', () => {
    const id = firstPull?.task.id ?? ''
    const [, end] = meant[id] as [number, number, string]
    for (const seconds of [360, -240]) {
      const at = asPlanned(plan, end)
      const soFar = { ...at, now: end + Math.max(0, seconds), ended: { ...at.ended, [id]: end + seconds } }
      const { off } = newsOf(day, meant, replan(day, plan, soFar), soFar)
      expect(off?.task.task.id).toBe(id)
      expect(off?.seconds).toBe(seconds)
    }
  })

  it('is a pot that is foreseen to come off late or soon, and all that waits for it moves with it', () => {
    const pull = plan.placed.find((p) => p.task.kind === 'pull')
    if (!pull) throw new Error('nothing is pulled on this day')
    for (const seconds of [420, -180]) {
      const at = asPlanned(plan, pull.start + 1)
      const soFar = { ...at, expected: { [pull.task.id]: pull.end + seconds } }
      const again = replan(day, plan, soFar)
      expect(newsOf(day, meant, again, soFar).foreseen).toMatchObject({ task: { task: { id: pull.task.id } }, seconds })
      expect(again.placed.find((p) => p.task.id === pull.task.id)?.end).toBe(pull.end + seconds)
      expect(brokenRules({ ...day, from: 0 }, again, new Set(Object.keys(soFar.began)))).toEqual([])
      const next = (of: typeof plan) => of.placed.find((p) => p.task.after.some((l) => l.task === pull.task.id))
      if (seconds > 0) expect(next(again)?.start).toBeGreaterThanOrEqual(pull.end + seconds)
      else expect(next(again)?.start).toBeLessThanOrEqual(next(plan)?.start ?? 0)
    }
    const over = asPlanned(plan, pull.end + 1)
    expect(newsOf(day, meant, plan, { ...over, expected: { [pull.task.id]: pull.end + 900 } }).foreseen).toBeNull()
  })

  it('is what should have begun and has not', () => {
    const soFar = { ...asPlanned(plan, -1), now: 600 }
    expect(newsOf(day, meant, replan(day, plan, soFar), soFar).overdue?.task.id).toBe(plan.placed[0]?.task.id)
  })

  it('counts pots that come off in the same minute', () => {
    const at = (start: number) => ({
      ...plan.placed[0],
      task: { ...plan.placed[0]?.task, kind: 'pull' as const },
      start,
    })
    const of = (...starts: number[]) => ({ ...plan, placed: starts.map(at) }) as typeof plan
    expect(togetherIn(of(0, 59, 200))).toBe(1)
    expect(togetherIn(of(0, 61, 200))).toBe(0)
  })
})

describe('afterwards', () => {
  it('says of each task how late it began and how much longer it took, and where the time went', () => {
    const soFar = asPlanned(plan, plan.end + 1)
    const works = plan.placed.filter((p) => p.task.what === firstPull?.task.what)
    const ended = { ...soFar.ended }
    for (const w of works) ended[w.task.id] = (ended[w.task.id] as number) + 300
    const after = afterwards(meant, plan, { ...soFar, ended })
    expect(after).toHaveLength(plan.placed.filter((p) => p.end <= plan.end + 1).length)
    expect(after.filter((a) => a.longer === 300)).toHaveLength(works.length)
    expect(whereTimeWent(after)).toEqual([{ what: firstPull?.task.what, seconds: 300 * works.length }])
  })

  it('teaches a pace once it was timed often enough, the middle of what was timed', () => {
    const timed = [1.2, 1.4, 9].map((share) => ({ what: 'cut', share }))
    expect(pacesFrom(timed)).toEqual({ cut: 1.4 })
    expect(pacesFrom(timed.slice(1))).toEqual({})
  })
})

describe('a practised day', () => {
  it('ends, done by somebody who does what the plan says, and is the same for the same seed', () => {
    for (let seed = 1; seed <= 10; seed++) {
      const d = roughDay(seed, 4)
      const random = (n: number) => {
        const c = chance(n, 14)
        return () => c.between(0, 1)
      }
      // with tasks put off, as a search leaves them: what is put off comes all the same
      const p = runOut(planning(d, random(seed + 100), 80))
      if (p.missing.length > 0) continue
      const { practice, plan: at } = obeyedDay(d, p, random(seed))
      expect(at.placed.filter((x) => practice.soFar.ended[x.task.id] === undefined).map((x) => x.task.id)).toEqual([])
      expect(obeyedDay(d, p, random(seed)).practice).toEqual(practice)
    }
  })

  it('leaves a pot on the heat until somebody takes it off, and says when that was late', () => {
    const d = roughDay(3, 4)
    const p = planInOrder(d, [])
    for (const [waits, late] of [
      [20, 0],
      [300, 1],
    ] as const) {
      let practice = practiceDay(d, () => 0)
      for (let i = 0; i < 1000 && pullsDue(practice, p).length === 0; i++) {
        const due = dueIn(p, practice.soFar)[0]
        practice = due ? begun(practice, due, p) : practisedUntil(practice, p, nextMoment(practice, p) ?? 0)
      }
      const [off] = pullsDue(practice, p)
      if (!off) throw new Error('nothing is pulled on this day')
      const left = practisedUntil(practice, p, practice.soFar.now + waits)
      expect(left.soFar.ended[off.task.id]).toBeUndefined()
      const taken = pulled(left, off)
      expect(taken.soFar.ended[off.task.id]).toBe(practice.soFar.now + waits)
      expect(taken.pulledLate).toHaveLength(late)
    }
  })

  it('goes by the plan to the second where nothing strays', () => {
    const d = roughDay(3, 4)
    const p = planInOrder(d, [])
    const { practice } = obeyedDay(d, p, () => 0)
    const starts = Object.values(practice.soFar.began)
    expect(starts.length).toBe(p.placed.length)
    expect(practice.spoiled).toEqual([])
    expect(brokenRules(d, p)).toEqual([])
  })
})
