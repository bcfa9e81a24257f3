'use client'

import type { KeyId } from '@/ui/kit/keys'
import { SheetDialog } from '@/ui/kit/sheet-dialog'
import { digitWords, type KeySaid, keyWords } from '@/words'

/** Every key that is bound has its words, or this does not compile. */
const said: Readonly<Record<KeyId, KeySaid>> = keyWords
const rows: readonly KeySaid[] = [...Object.values(said), ...digitWords]

const of = (place: KeySaid['place']): readonly KeySaid[] => rows.filter((r) => r.place === place)

/** All keys, by the place they work in; the place with the most first, so that they share two columns. */
export default function KeysSheet({ onClose }: { onClose(): void }) {
  const places = [...new Set(rows.map((r) => r.place))].sort((a, b) => of(b).length - of(a).length)
  return (
    <SheetDialog title="Keys" about="Each works while no field is being typed into." width="wide" onClose={onClose}>
      <div className="gap-x-8 sm:columns-2">
        {places.map((place) => (
          <section key={place} className="mb-4 break-inside-avoid">
            <h3 className="casual mb-1 text-title font-bold">{place}</h3>
            <dl>
              {of(place).map((r) => (
                <div key={r.does} className="flex items-baseline gap-3 border-b border-line py-1.5">
                  <dt className="w-24 shrink-0">
                    <kbd className="figures rounded-inner bg-marble px-2 py-0.5 text-small font-semibold">{r.cap}</kbd>
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
