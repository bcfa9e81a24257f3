import type { Metadata } from 'next'
import { bookQuerySchema } from '@/contract/book'
import { boilsOn } from '@/server/batches'
import { search } from '@/server/formulas'
import { BookCards } from '@/ui/formula/book-cards'
import { Empty } from '@/ui/kit/state'
import { StoveList } from '@/ui/stove/stove-list'

export const metadata: Metadata = { title: 'Stove' }
export const dynamic = 'force-dynamic'

export default async function StovePage() {
  const boils = await boilsOn()
  if (boils.length > 0) return <StoveList boils={boils} />
  const { page } = await search(bookQuerySchema.parse({ sort: 'cooked' }))
  return (
    <div className="flex flex-col gap-5 p-4 lg:p-6">
      <h1 className="casual text-[36px] font-extrabold">The stove is cold</h1>
      {page.entries.length > 0 ? (
        <>
          <p className="text-[18px] text-muted">Choose a formula, size it for tonight, light the burner.</p>
          <BookCards entries={page.entries} own={{}} />
        </>
      ) : (
        <Empty title="No formula yet" text="The book is empty. Load the demo workshop with npm run demo." />
      )}
    </div>
  )
}
