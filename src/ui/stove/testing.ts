/** A boil for tests of the stove's own code, and a store that keeps what it is given. */
import type { BoilView, LoggedAct } from '@/contract/cook'
import { gramsAsWritten, scale } from '@/core'
import { testConditions } from '@/core/testing'
import { demoBoil } from '@/demo/formulas'
import type { Outbox } from './outbox'

export const START = '2026-11-24T10:00:00.000Z'

/** A demo formula as it is written, on the stove since START. */
export function boilOf(formulaId: string, channel: string | null = 'quick-probe'): BoilView {
  const formula = demoBoil(formulaId)
  const grams = Object.values(gramsAsWritten(formula)).reduce((a, b) => a + b)
  return {
    id: '01JD3M9Q6S8ZK3V3N8C0A7T4QX',
    batchId: '01JD3M9Q6S8ZK3V3N8C0A7T4QY',
    number: 1,
    label: '',
    channel,
    startedAt: START,
    endedAt: null,
    formulaId,
    revision: 1,
    part: null,
    formula,
    plan: scale(formula, { size: { by: 'weight', grams } }),
    conditions: { ...testConditions, room: 'Quay kitchen', altitudeM: 12, vessel: null, thermometers: [] },
    probe: { lagS: 4, noiseC: 0.15, thermometer: null },
  }
}

/** The act every cook begins with. */
export const clockAct = (rate = 1): LoggedAct => ({
  id: '01JD3M9Q6S8ZK3V3N8C0A7T4QZ',
  at: START,
  act: { type: 'clock', rate, wall: START },
})

export const emptyOutbox = (): Outbox => ({ keep: async () => true, drop: async () => undefined, left: async () => [] })
