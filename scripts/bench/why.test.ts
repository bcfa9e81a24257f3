import { describe, expect, it } from 'vitest'
import { planted } from '../../tests/rough/history'
import { askedOf, judgedBy, whyFormulas } from './why'

const FIRST = 77_000
const KITCHENS = 1
const named = whyFormulas.flatMap((id, i) =>
  Array.from({ length: KITCHENS }, (_, k) => askedOf(id, FIRST + 100 * i + k)).flat(),
)

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
