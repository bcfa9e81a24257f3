export { asMissed, sayFinishing } from '@/words'
export { FinishChart } from './finish-chart'
export { FinishColumn } from './finish-column'
export { HandSteps } from './hand-steps'
