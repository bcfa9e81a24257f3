'use client'

import { Failed } from '@/ui/shell/failed'

export default function ErrorPage(props: { error: Error; reset: () => void }) {
  return (
    <Failed
      failed="The kitchen could not be shown"
      kept="Pots, rooms and thermometers are where they were. Try again in a moment."
      {...props}
    />
  )
}
