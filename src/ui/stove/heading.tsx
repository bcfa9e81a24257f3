interface Props {
  readonly clock: string
  readonly title: string
  /** The act just logged, while it can be taken back. */
  readonly said: string | null
  readonly problem: string | null
  /** The entry that is being put right. */
  readonly amends: string | null
  onUndo(): void
  /** It happened a minute before it was logged. */
  onEarlier(): void
}

/** Over the curve: which cook this is; for ten seconds after an act, what was logged and the way back. */
export function Heading({ clock, title, said, problem, amends, onUndo, onEarlier }: Props) {
  return (
    <div className="flex min-w-0 flex-1 basis-[270px] items-center gap-3">
      <span className="figures text-main text-muted">{clock}</span>
      <h1 className={said || problem || amends ? 'sr-only' : 'casual text-main leading-tight font-bold text-balance'}>
        {title}
      </h1>
      {problem && (
        <p role="alert" className="text-body leading-tight font-semibold text-cherry">
          {problem}
        </p>
      )}
      {amends && !problem && (
        <p role="status" className="text-body leading-tight">
          Instead of <strong>{amends}</strong>
        </p>
      )}
      {said && !problem && !amends && (
        <>
          <p role="status" className="min-w-0 truncate text-body leading-tight">
            <span className="sr-only @min-[860px]:not-sr-only">Logged: </span>
            <strong>{said}</strong>
          </p>
          <button
            type="button"
            onClick={onUndo}
            className="min-h-16 shrink-0 rounded-control px-2 text-main font-semibold text-cherry underline"
          >
            Undo · U
          </button>
          <button
            type="button"
            onClick={onEarlier}
            className="hidden min-h-16 shrink-0 rounded-control px-2 text-main font-semibold underline @min-[720px]:block"
          >
            1 min earlier
          </button>
        </>
      )}
    </div>
  )
}
