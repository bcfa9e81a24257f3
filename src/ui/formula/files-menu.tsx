'use client'

import { FileDown, FileJson, FileUp, FolderOpen } from 'lucide-react'
import { useState } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import { Fetched, later } from '@/ui/kit/fetched'
import { FilesMenu, Menu, MenuItem } from '@/ui/kit/menu'

// fetched once it is asked for: it reads recipes, and no page waits for that
const IMPORT_DIALOG = later(() => import('./import-dialog'))

/** The book as files: out whole, and in. */
export function BookFiles({ kitchen }: { readonly kitchen: KitchenView }) {
  const [importing, setImporting] = useState(false)
  return (
    <>
      <FilesMenu>
        <MenuItem asChild>
          <a href="/api/book" download>
            <FileDown size={18} aria-hidden />
            Export the whole book
          </a>
        </MenuItem>
        <MenuItem onSelect={() => setImporting(true)}>
          <FileUp size={18} aria-hidden />
          Take in a file
        </MenuItem>
      </FilesMenu>
      {importing && (
        <Fetched of={IMPORT_DIALOG}>
          {(ImportDialog) => <ImportDialog kitchen={kitchen} onClose={() => setImporting(false)} />}
        </Fetched>
      )}
    </>
  )
}

/** One formula as a file. */
export function FormulaFiles({ id }: { readonly id: string }) {
  return (
    <Menu name="Files" label={<FolderOpen size={18} aria-hidden />}>
      <MenuItem asChild>
        <a href={`/api/formulas/${id}/export`} download>
          <FileJson size={18} aria-hidden />
          Export this formula
        </a>
      </MenuItem>
      <MenuItem asChild>
        <a href={`/api/formulas/${id}/export?as=recipe`} download>
          <FileDown size={18} aria-hidden />
          Export as a recipe, JSON-LD
        </a>
      </MenuItem>
    </Menu>
  )
}
