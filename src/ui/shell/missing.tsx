import { Empty } from '@/ui/kit/state'

/** What each place says of an address with nothing behind it, and the way on. */
const places = {
  anywhere: { title: 'Nothing at this address', href: '/stove', action: 'To the stove' },
  stove: { title: 'There is no such boil', href: '/stove', action: 'To what is on the stove' },
  formulas: { title: 'There is no such formula', href: '/formulas', action: 'To the book' },
  logbook: { title: 'There is no such batch', href: '/logbook', action: 'To the logbook' },
  kitchen: { title: 'There is no such thing in the kitchen', href: '/kitchen', action: 'To the kitchen' },
} as const

export const Missing = ({ place }: { readonly place: keyof typeof places }) => (
  <div className="p-4 lg:p-6">
    <Empty
      whole
      text="The address may have been mistyped, or what is there is written in a way this Imbry cannot read. Nothing is lost: everything is where it was."
      {...places[place]}
    />
  </div>
)
