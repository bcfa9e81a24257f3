import { Segments } from '@/ui/kit/segments'

interface Props<Kind extends string> {
  readonly kinds: readonly { readonly id: Kind; readonly label: string }[]
  readonly kind: Kind
  onPick(kind: NoInfer<Kind>): void
}

/** Which kind of test a panel shows the answers of, in the place of its title. */
export const KindOfTest = <Kind extends string>({ kinds, kind, onPick }: Props<Kind>) => (
  <Segments
    label="Kind of test"
    options={kinds}
    value={kind}
    onPick={onPick}
    className="flex-1 flex-nowrap gap-0.5 border-0 bg-marble p-0"
    itemClassName="min-h-16 flex-1 rounded-control px-1 text-small"
  />
)
