'use client'

import { useTemperature } from '@/ui/shell/preferences'

export function TargetText({ celsius }: { readonly celsius: number }) {
  return useTemperature().say(celsius)
}
