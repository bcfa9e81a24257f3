import { screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { draw } from '@/ui/testing'
import { CookCurve } from './cook-curve'

const drawn = (now: number | null): (string | null)[] => {
  draw(
    <CookCurve
      stages={[]}
      readings={[{ at: 0, celsius: 20 }]}
      here={null}
      now={now}
      way={[]}
      byHand
      marks={[]}
      target={116}
      within={1}
      targetText="target 116°"
      forecast={null}
      nextC={null}
      path={[]}
      highest={116}
    />,
  )
  return screen.getAllByText(/^\d+ min$/).map((tick) => tick.textContent)
}

describe('the curve', () => {
  it('goes on for as long as the cook has, though nobody knows how hot it is', () => {
    expect(drawn(1931)).toContain('30 min')
  })

  it('shows ten minutes at least, and no more of a cook that is over', () => {
    expect(drawn(null).at(-1)).toBe('10 min')
  })
})
