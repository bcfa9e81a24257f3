import type { Metadata } from 'next'
import { furnishedKitchen } from '@/app/furnished-kitchen'
import { bookQuerySchema } from '@/contract/book'
import { boilsOn } from '@/server/batches'
import { search } from '@/server/formulas'
import { BookCards } from '@/ui/formula/book-cards'
import { EmptyBook } from '@/ui/formula/empty-book'
import { StoveList } from '@/ui/stove/stove-list'

export const metadata: Metadata = { title: 'Stove' }
export const dynamic = 'force-dynamic'

export default async function StovePage() {
  const { boils, lost } = await boilsOn(new Date())
  if (boils.length + lost.length > 0) return <StoveList boils={boils} lost={lost} />
  await furnishedKitchen()
  const { page } = await search(bookQuerySchema.parse({ sort: 'cooked' }))
  return (
    <div className="flex flex-col gap-5 p-4 lg:p-6">
      <h1 className="casual text-page font-extrabold">The stove is cold</h1>
      {page.entries.length > 0 ? (
        <>
          <p className="text-title text-muted">Choose a formula, size it, light the burner.</p>
          <BookCards entries={page.entries} own={{}} now={Date.now()} />
        </>
      ) : (
        <EmptyBook />
      )}
    </div>
  )
}
