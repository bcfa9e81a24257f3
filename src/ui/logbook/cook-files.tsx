'use client'

import { Files } from '@/ui/kit/files'

/** A cook as a file, and readings of another thermometer onto it. */
export const CookFiles = ({ boil }: { readonly boil: string }) => (
  <Files<{ stored: number; skipped: number }>
    className="sheet px-3 py-1.5"
    out={[
      { label: 'CSV', href: `/api/boils/${boil}/export?as=csv` },
      { label: 'JSON', href: `/api/boils/${boil}/export` },
    ]}
    into={{
      label: 'Readings from a file',
      path: `/api/boils/${boil}/readings`,
      said: ({ stored, skipped }) => `${stored} readings taken in${skipped > 0 ? `, ${skipped} rows skipped` : ''}.`,
    }}
  />
)
