import { Empty } from './state'

/** A formula cannot be sized in a kitchen without a room, a pot and a burner. */
export function Unfurnished() {
  return (
    <div className="p-4 lg:p-6">
      <Empty
        whole
        title="The kitchen is empty"
        text="Sizes, times and verdicts need a room, a pot and a burner. Put yours in, and the book comes to life."
        href="/kitchen"
        action="To the kitchen"
      />
    </div>
  )
}
