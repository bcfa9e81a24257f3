import { expect, it } from 'vitest'
import type { FinishAssessment } from '@/core'
import { conditions, cookedByHand, finishOf } from '@/core/finish/testing'
import { demoBoil } from '@/demo/formulas'
import { draw } from '@/ui/testing'
import { useMoves } from './use-moves'

function Moves({ finish, now }: { readonly finish: FinishAssessment; readonly now: number }) {
  return <p>{[...new Set(useMoves(finish, conditions, now).map((m) => m.next?.kind))].join()}</p>
}

it('tells of what is still to come, in the very beat in which a work before it closed', () => {
  const { judge, at } = cookedByHand(demoBoil('orchard-toffee'), 'pour', 0)
  const finish = finishOf(judge(at + 60))
  const closes = finish.ahead[0]?.closes ?? Number.NaN
  const shown = (now: number) => draw(<Moves finish={finish} now={now} />).container.textContent
  expect(shown(closes - 0.5)).toBe('score')
  expect(shown(closes + 0.5)).toBe('break')
})
