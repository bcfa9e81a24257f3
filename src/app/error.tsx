'use client'

import { Button } from '@/ui/kit/button'

export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <div className="p-4 lg:p-6">
      <div className="sheet flex flex-col items-start gap-3 p-8" role="alert">
        <h1 className="casual text-[24px] font-bold">Imbry could not show this</h1>
        <p className="max-w-prose text-[16px] text-muted">
          Its database may be away for a moment. Everything logged so far is kept. Mind the pot, then try again.
        </p>
        <Button look="primary" onClick={reset}>
          Try again
        </Button>
      </div>
    </div>
  )
}
