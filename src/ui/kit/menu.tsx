'use client'

import { FolderOpen } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import type { ReactNode } from 'react'
import { cn } from './cn'

const item =
  'flex min-h-12 w-full cursor-pointer items-center gap-3 rounded-control px-3 text-left text-body outline-none data-[highlighted]:bg-marble'

interface Props {
  readonly label: ReactNode
  readonly name: string
  readonly className?: string
  readonly children: ReactNode
}

/** A button that opens a few things to do. */
export function Menu({ label, name, className, children }: Props) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={name}
        className={cn(
          'flex min-h-12 items-center gap-2 rounded-control border border-line bg-sheet px-4 text-main font-semibold hover:border-muted',
          className,
        )}
      >
        {label}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={8}
          collisionPadding={16}
          className="z-20 w-[310px] rounded-sheet border border-line bg-sheet p-2 text-ink"
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

/** What can be had as a file, and taken in from one. */
export const FilesMenu = ({ children }: { readonly children: ReactNode }) => (
  <Menu
    name="Files"
    label={
      <>
        <FolderOpen size={17} aria-hidden />
        Files
      </>
    }
  >
    {children}
  </Menu>
)

/** One thing to do; `asChild` for a link. */
export const MenuItem = ({ className, ...rest }: React.ComponentProps<typeof DropdownMenu.Item>) => (
  <DropdownMenu.Item className={cn(item, className)} {...rest} />
)
