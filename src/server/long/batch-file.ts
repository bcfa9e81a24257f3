/** One batch of a log as a line of a file, out and in: tens of megabytes where a probe stood in every boil. */
import { type BatchFile, batchFileSchema } from '@/contract/log-file'
import { parseJson } from '../json'
import { type Packed, packed, unpacked } from './packed'

type BoilFile = BatchFile['boils'][number]

export interface ReadBatch extends Omit<BatchFile, 'boils'> {
  readonly boils: readonly (Omit<BoilFile, 'readings'> & { readonly readings: Packed })[]
}

/** @throws Problem 400 for what is no batch. */
export function readBatch(text: string): ReadBatch {
  const { boils, ...file } = parseJson(text, batchFileSchema)
  return { ...file, boils: boils.map((b) => ({ ...b, readings: packed(b.readings) })) }
}

export function writeBatch({ boils, ...file }: ReadBatch): Uint8Array {
  const whole = { ...file, boils: boils.map((b) => ({ ...b, readings: unpacked(b.readings) })) } satisfies BatchFile
  return new TextEncoder().encode(`${JSON.stringify(whole)}\n`)
}
