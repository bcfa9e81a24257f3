import { cx } from 'class-variance-authority'
import { extendTailwindMerge } from 'tailwind-merge'

const merge = extendTailwindMerge({
  extend: {
    theme: {
      text: [
        'fine',
        'small',
        'body',
        'main',
        'lead',
        'title',
        'head',
        'large',
        'page',
        'figure',
        'name',
        'reason',
        'now',
        'unit',
        'reading',
      ],
      radius: ['sheet', 'control', 'inner'],
    },
  },
})

/** Class names joined; of two that set the same thing the later one counts. */
export const cn = (...classes: Parameters<typeof cx>): string => merge(cx(...classes))
