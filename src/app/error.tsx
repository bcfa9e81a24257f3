'use client'

import { Failed } from '@/ui/shell/failed'

export default function ErrorPage(props: { error: Error; reset: () => void }) {
  return (
    <Failed
      failed="Imbry could not show this"
      kept="Everything logged so far is kept. Mind the pot, then try again."
      {...props}
    />
  )
}
