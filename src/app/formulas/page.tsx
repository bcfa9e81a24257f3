import type { Metadata } from 'next'
import { formulaBook } from '@/server/formulas'
import { Book } from '@/ui/formula/book'

export const metadata: Metadata = { title: 'Formulas' }
export const dynamic = 'force-dynamic'

export default async function FormulasPage() {
  const formulas = await formulaBook()
  return (
    <div className="flex flex-col gap-5 p-4 lg:p-6">
      <h1 className="casual text-[36px] font-extrabold">Formulas</h1>
      <Book formulas={formulas} />
    </div>
  )
}
