'use client'

import { Files } from '@/ui/kit/files'

/** Own ingredients as CSV, out and in. */
export const IngredientFiles = () => (
  <Files<{ taken: number }>
    className="mt-2 border-t border-line pt-2"
    out={[{ label: 'Export CSV', href: '/api/ingredients' }]}
    into={{ label: 'Take in CSV', path: '/api/ingredients', said: ({ taken }) => `${taken} taken in.` }}
  />
)
