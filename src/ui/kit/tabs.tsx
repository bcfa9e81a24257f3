interface Props<T extends string> {
  readonly label: string
  readonly options: readonly { readonly id: T; readonly label: string }[]
  readonly value: T
  onPick(id: NoInfer<T>): void
}

/** A few ways to look at one thing, one of them pressed. */
export function Tabs<T extends string>({ label, options, value, onPick }: Props<T>) {
  return (
    <fieldset className="flex gap-1 rounded-control border border-line bg-sheet p-1">
      <legend className="sr-only">{label}</legend>
      {options.map((o) => (
        <button
          key={o.id}
          type="button"
          aria-pressed={o.id === value}
          onClick={() => onPick(o.id)}
          className={`min-h-10 rounded-[9px] px-3.5 text-[15px] font-semibold ${o.id === value ? 'bg-bar text-on-bar' : 'hover:bg-marble'}`}
        >
          {o.label}
        </button>
      ))}
    </fieldset>
  )
}
