import { ArrowLeft } from 'lucide-react'
import type { ReactNode } from 'react'
import { Link } from './link'

/** The way back to the page this one belongs to, above its heading. */
export function BackLink({
  href,
  children,
  className = '',
}: {
  href: string
  children: ReactNode
  className?: string
}) {
  return (
    <Link
      href={href}
      className={`${className} inline-flex min-h-8 items-center gap-1.5 text-body text-muted hover:text-ink`}
    >
      <ArrowLeft size={16} aria-hidden />
      {children}
    </Link>
  )
}
