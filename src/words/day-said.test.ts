/** What is said of a day that runs. */
import { describe, expect, it } from 'vitest'
import type { DayNews, Placed, Task } from '@/core'
import { kindOfWork, sayNews, taskName } from '@/words'

const task = (kind: Task['kind'], what: string = kind): Placed =>
  ({ task: { id: `a ${what}`, kind, what }, block: 'a', start: 3600, end: 4000, person: 'lead' }) as unknown as Placed

const quiet: DayNews = { off: null, foreseen: null, endMoved: 0, late: [], overdue: null, together: null }
const said = (news: Partial<DayNews>): string[] =>
  sayNews(
    { ...quiet, ...news },
    (b) => ({ a: 'Toffee', b: 'Drops' })[b] ?? b,
    (s) => `${s / 3600} o’clock`,
  )

describe('the news of a day', () => {
  it.each([
    [{}, []],
    [
      { off: { task: task('work', 'cut'), seconds: 360 }, endMoved: 300 },
      ['Toffee (cut) was done 6 min later than planned; the day ends 5 min later, still in time.'],
    ],
    [
      { off: { task: task('pull'), seconds: -240 }, endMoved: 0 },
      ['Toffee (watch, pull, pour) was done 4 min sooner than planned; the day still ends as planned.'],
    ],
    [
      { foreseen: { task: task('pull'), seconds: 420 }, endMoved: 600, late: ['a'] },
      ['Toffee will come off about 7 min later than planned; one product will be late.'],
    ],
    [
      { foreseen: { task: task('pull'), seconds: -180 }, endMoved: -120 },
      ['Toffee will come off about 3 min sooner than planned; the day ends 2 min sooner, still in time.'],
    ],
    [{ overdue: task('ready') }, ['Toffee (get ready) should have begun by now; everything after it has moved back.']],
    [
      { together: [task('pull'), { ...task('pull'), block: 'b' }] as const },
      ['Toffee and Drops both come off at 1 o’clock: turn one down a little, or have two people there.'],
    ],
  ] as const)('%j', (news, words) => expect(said(news as Partial<DayNews>)).toEqual(words))

  it('says what it does to the end once, however much has moved', () => {
    const both = said({
      off: { task: task('work', 'cut'), seconds: 360 },
      foreseen: { task: { ...task('pull'), block: 'b' }, seconds: 420 },
      endMoved: 300,
    })
    expect(both).toHaveLength(2)
    expect(both.filter((s) => s.includes('the day ends'))).toHaveLength(1)
  })
})

describe('the name of a task', () => {
  it('leads back to its kind', () => {
    for (const what of ['ready', 'unchill', 'keep-hot', 'warm', 'toasting']) expect(kindOfWork(what)).toBe('ready')
    for (const what of ['cook', 'pull', 'wash'] as const) expect(kindOfWork(what)).toBe(what)
    expect(kindOfWork('score')).toBe('work')
    expect(taskName({ kind: 'work', what: 'score' })).not.toBe('')
  })
})
