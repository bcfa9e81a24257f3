'use client'

import { Failed } from '@/ui/shell/failed'

export default function ErrorPage(props: { error: Error; reset: () => void }) {
  return (
    <Failed
      failed="The book could not be opened"
      kept="Every formula and every revision is where it was. Try again in a moment."
      {...props}
    />
  )
}
