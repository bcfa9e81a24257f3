import { cva, type VariantProps } from 'class-variance-authority'
import type { ComponentProps } from 'react'
import { cn } from './cn'

const looks = cva('min-h-12 rounded-control px-5 text-main font-semibold disabled:opacity-50', {
  variants: {
    look: {
      primary: 'bg-cherry text-on-fill hover:brightness-110',
      plain: 'border border-line bg-sheet text-ink hover:border-muted',
      bar: 'bg-bar text-on-bar hover:brightness-125',
      quiet: 'px-3 text-muted hover:bg-marble hover:text-ink',
    },
  },
  defaultVariants: { look: 'plain' },
})

export function Button({ look, className, ...rest }: ComponentProps<'button'> & VariantProps<typeof looks>) {
  return <button type="button" className={cn(looks({ look }), className)} {...rest} />
}
