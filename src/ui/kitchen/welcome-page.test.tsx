import { screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { type KitchenKind, type KitchenView, kitchenKinds } from '@/contract/kitchen'
import { draw } from '@/ui/testing'
import { sections } from './fields'
import { WelcomePage } from './welcome-page'

/** A kitchen with one of each of these. */
function kitchenWith(...kinds: readonly KitchenKind[]): KitchenView {
  const things = kitchenKinds.map((kind) => {
    const fresh = sections.find((s) => s.kind === kind)?.fresh
    return [kind, kinds.includes(kind) ? [{ ...fresh, id: kind, name: `my ${kind}` }] : []]
  })
  return { ...Object.fromEntries(things), channels: [], scales: [] }
}

const next = () => screen.queryAllByRole('button').filter((b) => b.className.includes('bg-cherry'))

describe('the first page of a workshop', () => {
  it('asks for one thing after another', () => {
    draw(<WelcomePage kitchen={kitchenWith()} now={0} />)
    expect(next().map((b) => b.textContent)).toEqual(['Add a room'])
    expect(screen.queryByRole('link', { name: 'Open the book' })).toBeNull()
  })

  it('goes on with what is still missing, and says what is there', () => {
    draw(<WelcomePage kitchen={kitchenWith('room', 'pot')} now={0} />)
    expect(next().map((b) => b.textContent)).toEqual(['Add a thermometer'])
    expect(screen.getByRole('heading', { name: 'my pot' })).toBeDefined()
    expect(screen.queryByRole('button', { name: 'Add a pot' })).toBeNull()
  })

  it('opens the book once all four are there', () => {
    draw(<WelcomePage kitchen={kitchenWith('room', 'thermometer', 'pot', 'burner')} now={0} />)
    expect(next()).toEqual([])
    expect(screen.getByRole('link', { name: 'Open the book' }).getAttribute('href')).toBe('/formulas')
  })

  it('says figures in the units of its reader', () => {
    const { container } = draw(<WelcomePage kitchen={kitchenWith('room', 'pot')} now={0} />, 'F-oz-in')
    expect(container.textContent).toMatch(/water boils at 212\.0°/)
    expect(container.textContent).not.toMatch(/\d\s?(?:kg|mm|g)\b/)
  })
})
