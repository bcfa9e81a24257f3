'use client'

import { Failed } from '@/ui/shell/failed'

export default function ErrorPage(props: { error: Error; reset: () => void }) {
  return <Failed place="kitchen" {...props} />
}
