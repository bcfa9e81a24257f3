'use client'

import { Failed } from '@/ui/shell/failed'

export default function ErrorPage(props: { error: Error; reset: () => void }) {
  return (
    <Failed
      failed="The stove could not be drawn"
      kept="Everything logged so far is kept, and the pot cooks on: mind it, then try again."
      {...props}
    />
  )
}
