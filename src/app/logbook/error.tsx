'use client'

import { Failed } from '@/ui/shell/failed'

export default function ErrorPage(props: { error: Error; reset: () => void }) {
  return (
    <Failed
      failed="The logbook could not be opened"
      kept="Every batch is where it was. Try again in a moment."
      {...props}
    />
  )
}
