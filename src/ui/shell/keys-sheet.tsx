'use client'

import { keys, numberKeys } from '@/ui/kit/keys'
import { SheetDialog } from '@/ui/kit/sheet-dialog'

interface Row {
  readonly place: string
  readonly caps: readonly string[]
  readonly does: string
}

/** Rows of the table: digits that do the same thing share one. */
function rowsOf(): Row[] {
  const rows: Row[] = Object.values(keys).map(({ place, cap, does }) => ({ place, caps: [cap], does }))
  for (const { place, cap, does } of Object.values(numberKeys)) {
    const same = rows.findIndex((r) => r.place === place && r.does === does)
    const row = rows[same]
    if (row) rows[same] = { ...row, caps: [row.caps[0] as string, cap] }
    else rows.push({ place, caps: [cap], does })
  }
  return rows
}

/** All keys, by the place they work in. */
export default function KeysSheet({ onClose }: { onClose(): void }) {
  const rows = rowsOf()
  const places = [...new Set(rows.map((r) => r.place))]
  return (
    <SheetDialog title="Keys" about="Each works while no field is being typed into." wide onClose={onClose}>
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
        {places.map((place) => (
          <section key={place}>
            <h3 className="casual mb-1 text-title font-bold">{place}</h3>
            <dl>
              {rows
                .filter((r) => r.place === place)
                .map((r) => (
                  <div key={r.does} className="flex items-baseline gap-3 border-b border-line py-1.5">
                    <dt className="w-24 shrink-0">
                      <kbd className="figures rounded-inner bg-marble px-2 py-0.5 text-small font-semibold">
                        {r.caps.join(' … ')}
                      </kbd>
                    </dt>
                    <dd className="text-body">{r.does}</dd>
                  </div>
                ))}
            </dl>
          </section>
        ))}
      </div>
    </SheetDialog>
  )
}
