import { Link } from './link'
import { wayOn } from './way-on'

interface Props {
  readonly title: string
  readonly text: string
  readonly href?: string
  readonly action?: string
  /** The page's own heading, where nothing else is. */
  readonly whole?: boolean
}

/** Nothing here, or not found: said plainly, with the way on. */
export function Empty({ title, text, href, action, whole }: Props) {
  const Heading = whole ? 'h1' : 'h2'
  return (
    <div className="sheet flex flex-col items-start gap-3 p-8">
      <Heading className="casual text-large font-bold">{title}</Heading>
      <p className="max-w-prose text-main text-muted">{text}</p>
      {href && action && (
        <Link href={href} className={wayOn}>
          {action}
        </Link>
      )}
    </div>
  )
}
