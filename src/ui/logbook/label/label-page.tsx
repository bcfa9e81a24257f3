'use client'

import { Download, Printer } from 'lucide-react'
import { useRef, useState } from 'react'
import type { BatchLabel } from '@/contract/stock'
import { BackLink } from '@/ui/kit/back-link'
import { Button } from '@/ui/kit/button'
import { NumberField } from '@/ui/kit/number-field'
import { saveFile } from '@/ui/kit/save-file'
import { Segments } from '@/ui/kit/segments'
import { useSay, useTime } from '@/ui/shell/preferences'
import { filmNames, formatCount, labelCaution, labelText, sayStorage } from '@/words'
import { LabelCard } from './label-card'
import { fits, type LabelSize, type PaperId, papers, sizes } from './sheet'

const DAY = 86_400_000
/** Times its size on the screen, where it has room. */
const ZOOM = 1.7

/** The label of a batch, on a sheet by size. */
export function LabelPage({ data }: { readonly data: BatchLabel }) {
  const { label, code, madeAt, house } = data
  const say = useSay()
  const time = useTime()
  const card = useRef<HTMLDivElement>(null)
  const [pieces, setPieces] = useState(10)
  const [paper, setPaper] = useState<PaperId>(say.units.weight === 'oz' ? 'letter' : 'a4')
  const [size, setSize] = useState<LabelSize>(sizes[0])
  const grams = pieces * label.pieceGrams
  const ounces = say.units.weight === 'oz' ? ` (${(grams / 28.3495).toFixed(1)} oz)` : ''
  const lines = [
    `Net weight ${formatCount(grams)} g${ounces} · ${pieces} ${pieces === 1 ? 'piece' : 'pieces'}`,
    `Best before ${time(Date.parse(madeAt) + label.keepsDays * DAY, 'date')} · Batch ${code}`,
    sayStorage(label, say),
    house ? [house.name, house.address].filter(Boolean).join(', ') : 'Made by ________________________',
  ]
  const { columns, rows } = fits(size, paper)
  return (
    <div className="flex flex-col gap-4 p-4 lg:p-6 print:p-0">
      <header className="flex flex-wrap items-end justify-between gap-3 print:hidden">
        <div>
          <BackLink href={`/logbook/${data.id}`}>Batch {code}</BackLink>
          <h1 className="casual text-page leading-none font-extrabold">Label</h1>
        </div>
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => saveFile(labelText(label, lines), `label-${code}.txt`, 'text/plain')}>
            <Download size={17} aria-hidden className="mr-2 inline" />
            Text
          </Button>
          <Button
            onClick={() => card.current && saveFile(asSvg(card.current, size), `label-${code}.svg`, 'image/svg+xml')}
          >
            <Download size={17} aria-hidden className="mr-2 inline" />
            SVG
          </Button>
          <Button look="primary" onClick={() => window.print()}>
            <Printer size={17} aria-hidden className="mr-2 inline" />
            Print {columns * rows} on {papers[paper].name}
          </Button>
        </div>
      </header>
      <div className="flex flex-wrap items-end gap-4 rounded-sheet bg-sheet px-5 py-4 print:hidden">
        <NumberField
          label="Pieces in a bag"
          as="number"
          least={1}
          most={10_000}
          value={pieces}
          onValue={(n) => setPieces(Math.round(n))}
        />
        <Segments
          label="Size"
          options={sizes.map((s) => ({ id: s.id, label: `${s.widthMm} × ${s.heightMm} mm` }))}
          value={size.id}
          onPick={(id) => setSize(sizes.find((s) => s.id === id) ?? sizes[0])}
        />
        <Segments
          label="Paper"
          options={(Object.keys(papers) as PaperId[]).map((id) => ({ id, label: papers[id].name }))}
          value={paper}
          onPick={setPaper}
        />
      </div>
      <div className="grid items-start gap-5 lg:grid-cols-[auto_minmax(0,1fr)] print:hidden">
        <div ref={card} className="w-fit max-w-full overflow-auto" style={{ zoom: size.widthMm > 120 ? 1 : ZOOM }}>
          <LabelCard label={label} lines={lines} widthMm={size.widthMm} heightMm={size.heightMm} />
        </div>
        <div className="flex flex-col gap-3">
          <p className="rounded-control bg-lemon px-4 py-3 text-body text-on-lemon">{labelCaution}</p>
          <p className="text-body">
            It keeps {label.keepsDays} days in {filmNames[label.film]}, by this room’s air and no longer than such
            sweets are known to. Ingredients stand in falling order as they were mixed; water counts as what is left of
            it.
          </p>
        </div>
      </div>
      <div className={`hidden print:block paper-${paper}`}>
        <div className="grid w-fit" style={{ gridTemplateColumns: `repeat(${columns}, ${size.widthMm}mm)` }}>
          {Array.from({ length: columns * rows }, (_, i) => (
            <LabelCard key={i} label={label} lines={lines} widthMm={size.widthMm} heightMm={size.heightMm} />
          ))}
        </div>
      </div>
    </div>
  )
}

/** The card as it stands, words at the places the page gave them, in a drawing that needs nothing of ours to be read. */
function asSvg(card: HTMLElement, { widthMm, heightMm }: LabelSize): string {
  const box = (card.firstElementChild as HTMLElement).getBoundingClientRect()
  const walker = document.createTreeWalker(card, NodeFilter.SHOW_TEXT)
  const words: string[] = []
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const style = getComputedStyle(node.parentElement as HTMLElement)
    const upper = style.textTransform === 'uppercase'
    for (const found of (node.textContent ?? '').matchAll(/\S+/g)) {
      const range = document.createRange()
      range.setStart(node, found.index)
      range.setEnd(node, found.index + found[0].length)
      const at = range.getBoundingClientRect()
      const text = (upper ? found[0].toUpperCase() : found[0]).replace(/[&<>]/g, (c) => `&#${c.charCodeAt(0)};`)
      words.push(
        `<text x="${(at.left - box.left).toFixed(1)}" y="${(at.bottom - box.top - at.height * 0.22).toFixed(1)}" font-size="${style.fontSize}" font-weight="${style.fontWeight}">${text}</text>`,
      )
    }
  }
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${box.width} ${box.height}" font-family="sans-serif"><rect width="100%" height="100%" fill="white" stroke="black"/>${words.join('')}</svg>`
}
