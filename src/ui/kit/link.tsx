import NextLink from 'next/link'
import type { ComponentProps } from 'react'

/**
 * A way to another page. Each is drawn anew when it is opened, from how the kitchen is then: what was fetched ahead would be drawn for nobody, and
 * hold up the page at hand.
 */
export const Link = (props: Omit<ComponentProps<typeof NextLink>, 'prefetch'>) => (
  <NextLink prefetch={false} {...props} />
)
