import type { Metadata } from 'next'
import { boilsOn } from '@/server/batches'
import { formulaBook } from '@/server/formulas'
import { Book } from '@/ui/formula/book'
import { Empty } from '@/ui/kit/state'
import { BoilCard } from '@/ui/stove/boil-card'

export const metadata: Metadata = { title: 'Stove' }
export const dynamic = 'force-dynamic'

export default async function StovePage() {
  const boils = await boilsOn()
  if (boils.length > 0)
    return (
      <div className="flex flex-col gap-5 p-4 lg:p-6">
        <h1 className="casual text-[36px] font-extrabold">On the stove</h1>
        <ul className="grid gap-4 sm:grid-cols-2">
          {boils.map((boil) => (
            <BoilCard key={boil.id} boil={boil} />
          ))}
        </ul>
      </div>
    )
  const formulas = await formulaBook()
  return (
    <div className="flex flex-col gap-5 p-4 lg:p-6">
      <h1 className="casual text-[36px] font-extrabold">The stove is cold</h1>
      {formulas.length > 0 ? (
        <>
          <p className="text-[18px] text-muted">Choose a formula, size it for tonight, light the burner.</p>
          <Book formulas={formulas} />
        </>
      ) : (
        <Empty title="No formula yet" text="The book is empty. Load the demo workshop with npm run demo." />
      )}
    </div>
  )
}
