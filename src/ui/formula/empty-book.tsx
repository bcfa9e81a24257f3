import { Empty } from '@/ui/kit/state'

/** Before the first formula. */
export function EmptyBook() {
  return (
    <Empty
      title="The book is empty"
      text="Paste a recipe as it stands, in cups or grams, and Imbry works out what each line weighs and where to pull it. Or open a book file you were given."
      href="/formulas/new"
      action="Write the first formula"
    />
  )
}
