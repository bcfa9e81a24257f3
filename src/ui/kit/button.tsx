import type { ComponentProps } from 'react'

const looks = {
  primary: 'bg-cherry text-on-fill hover:brightness-110',
  plain: 'bg-sheet text-ink border border-line hover:border-muted',
  bar: 'bg-bar text-on-bar hover:brightness-125',
} as const

interface Props extends ComponentProps<'button'> {
  readonly look?: keyof typeof looks
}

export function Button({ look = 'plain', className = '', ...rest }: Props) {
  return (
    <button
      type="button"
      className={`min-h-12 rounded-control px-5 text-[16px] font-semibold disabled:opacity-50 ${looks[look]} ${className}`}
      {...rest}
    />
  )
}
