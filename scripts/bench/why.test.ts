import { describe, expect, it } from 'vitest'
import { planted } from '../../tests/rough/history'
import { askedOf, judgedBy, whyFormulas } from './why'

const FIRST = 77_000
/** A kitchen each of every other formula: all of them are the bench's. */
const named = whyFormulas.flatMap((id, i) => (i % 2 === 0 ? askedOf(id, FIRST + 100 * i) : []))

describe('the log, asked about kitchens that share no code with it', () => {
  it.each(planted)('names what was the matter: %s', (what) => {
    const asked = named.filter((n) => n.what === what)
    expect(asked.filter((n) => judgedBy(n) === what).length).toBeGreaterThanOrEqual(0.7 * asked.length)
  })

  it('names nothing where nothing was', () => {
    const sound = named.filter((n) => n.what === 'nothing')
    expect(sound.filter((n) => judgedBy(n) !== 'nothing').length).toBeLessThanOrEqual(1)
  })
})
