import Link from 'next/link'

interface Props {
  readonly title: string
  readonly text: string
  readonly href?: string
  readonly action?: string
}

/** Nothing here, or not found: said plainly, with the way on. */
export function Empty({ title, text, href, action }: Props) {
  return (
    <div className="sheet flex flex-col items-start gap-3 p-8">
      <h2 className="casual text-[24px] font-bold">{title}</h2>
      <p className="max-w-prose text-[16px] text-muted">{text}</p>
      {href && action && (
        <Link
          href={href}
          className="mt-2 flex min-h-12 items-center rounded-control bg-cherry px-5 font-semibold text-white"
        >
          {action}
        </Link>
      )}
    </div>
  )
}
