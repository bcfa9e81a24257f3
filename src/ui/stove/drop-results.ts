import type { Stage } from '@/core'

/** What a drop can show, softest first. */
export const dropResults = (stages: readonly Stage[]): Stage[] => stages.filter((s) => s.id !== 'syrup')
