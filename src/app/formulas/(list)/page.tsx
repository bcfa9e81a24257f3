import type { Metadata } from 'next'
import { furnishedKitchen } from '@/app/furnished-kitchen'
import { bookQuerySchema } from '@/contract/book'
import { search } from '@/server/formulas'
import { Book, NewFormula } from '@/ui/formula/book'
import { BookFiles } from '@/ui/formula/files-menu'

export const metadata: Metadata = { title: 'Formulas' }
export const dynamic = 'force-dynamic'

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>
}

export default async function FormulasPage({ searchParams }: Props) {
  const [{ query, page }, things] = await Promise.all([
    search(bookQuerySchema.parse(await searchParams)),
    furnishedKitchen(),
  ])
  return (
    <div className="flex flex-col gap-4 p-4 lg:p-6">
      <header className="flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
        <h1 className="casual text-page leading-none font-extrabold">Formulas</h1>
        <div className="flex gap-2">
          <BookFiles kitchen={things} />
          <NewFormula />
        </div>
      </header>
      <Book
        query={query}
        page={page}
        now={Date.now()}
        own={Object.fromEntries(things.ingredient.map((i) => [i.ingredient.id, i.ingredient.name]))}
      />
    </div>
  )
}
