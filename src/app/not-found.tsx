import { Empty } from '@/ui/kit/state'

export default function NotFound() {
  return (
    <div className="p-4 lg:p-6">
      <Empty
        whole
        title="Nothing at this address"
        text="It may have been mistyped. Nothing is lost: formulas and batches are where they were."
        href="/stove"
        action="To the stove"
      />
    </div>
  )
}
