'use client'

import { Camera, Trash2 } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { type MouseEvent, useRef, useState } from 'react'
import { ulid } from 'ulid'
import { MOST_PICTURES, pictureKinds } from '@/contract/choices'
import type { PictureInfo } from '@/contract/pictures'
import type { BatchVerdict } from '@/contract/verdict'
import { inCelsius, inCelsiusStep, nearestColour } from '@/core'
import { AlertDialog } from '@/ui/kit/alert-dialog'
import { Button } from '@/ui/kit/button'
import { FileLabel } from '@/ui/kit/file-label'
import { send, sendFile } from '@/ui/kit/send'
import { SheetDialog } from '@/ui/kit/sheet-dialog'
import { For, useSay, useTime } from '@/ui/shell/preferences'
import { colourNames } from '@/words'
import { type Shade, shadeOf } from './shade'

interface Props {
  readonly batch: string
  readonly name: string
  readonly pictures: readonly PictureInfo[]
  /** As it stands: a measured shade is put down in it. */
  readonly verdict: BatchVerdict
}

/** Pictures of a batch: taken here, looked at large, and a shade read off one that has white paper in it. */
export function Pictures({ batch, name, pictures, verdict }: Props) {
  const router = useRouter()
  const time = useTime()
  const [open, setOpen] = useState<PictureInfo | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const address = (p: PictureInfo, size: 'small' | 'large'): string =>
    `/api/batches/${batch}/pictures/${p.id}?size=${size}`
  const take = async (files: readonly File[]): Promise<void> => {
    try {
      for (const file of files) await sendFile(`/api/batches/${batch}/pictures?id=${ulid()}`, file.type, file)
      setProblem(null)
    } catch (error) {
      setProblem((error as Error).message)
    }
    router.refresh()
  }
  const shade = async (celsius: number): Promise<void> => {
    const { tasting } = verdict.judged
    const judged = {
      ...verdict.judged,
      tasting: {
        ...(tasting ?? { scales: {} }),
        colourC: Math.round(Math.min(SHADES.most, Math.max(SHADES.least, celsius))),
      },
    }
    setOpen(null)
    try {
      await send('PUT', `/api/batches/${batch}/verdict`, { ...verdict, judged, from: verdict })
      setProblem(null)
    } catch (error) {
      setProblem((error as Error).message)
    }
    router.refresh()
  }
  return (
    <section aria-labelledby="pictures" className="sheet p-5">
      <div className="flex items-baseline justify-between gap-3">
        <h2 id="pictures" className="casual text-title font-bold">
          Pictures
        </h2>
        {pictures.length < MOST_PICTURES && (
          <For may="cook">
            <FileLabel
              className="inline-flex min-h-10 items-center gap-2 rounded-control bg-marble px-3 text-body font-semibold hover:brightness-95"
              accept={pictureKinds.join(',')}
              camera
              onFiles={(files) => void take(files)}
            >
              <Camera size={17} aria-hidden />
              Take one
            </FileLabel>
          </For>
        )}
      </div>
      {pictures.length === 0 ? (
        <p className="mt-1 text-small text-muted">None yet. White paper beside the sweet lets its shade be measured.</p>
      ) : (
        <ul className="mt-2 flex flex-wrap gap-2">
          {pictures.map((p, i) => (
            <li key={p.id}>
              <button type="button" onClick={() => setOpen(p)} className="block overflow-hidden rounded-control">
                {/* biome-ignore lint/performance/noImgElement: it is small already, and comes from our own database */}
                <img
                  src={address(p, 'small')}
                  alt={`${name}, ${i + 1} of ${pictures.length}, ${time(p.at, 'brief')}`}
                  width={120}
                  height={90}
                  className="h-[90px] w-[120px] object-cover"
                />
              </button>
            </li>
          ))}
        </ul>
      )}
      {problem && (
        <p role="alert" className="mt-2 text-small text-cherry">
          {problem}
        </p>
      )}
      {open && (
        <Large
          batch={batch}
          name={name}
          picture={open}
          src={address(open, 'large')}
          onShade={(celsius) => void shade(celsius)}
          onClose={() => setOpen(null)}
        />
      )}
    </section>
  )
}

interface LargeProps {
  readonly batch: string
  readonly name: string
  readonly picture: PictureInfo
  readonly src: string
  onShade(celsius: number): void
  onClose(): void
}

/** °C of caramel that a verdict can say. */
const SHADES = { least: 140, most: 210 }

/** Looks through this many pixels at most to find the paper. */
const LOOK_AT = 240

function Large({ batch, name, picture, src, onShade, onClose }: LargeProps) {
  const router = useRouter()
  const say = useSay()
  const image = useRef<HTMLImageElement>(null)
  const [found, setFound] = useState<Shade | 'no-paper' | null>(null)
  const measure = (e: MouseEvent<HTMLButtonElement>): void => {
    const img = image.current
    if (!img) return
    const box = img.getBoundingClientRect()
    const scale = LOOK_AT / Math.max(img.naturalWidth, img.naturalHeight)
    const canvas = document.createElement('canvas')
    canvas.width = Math.round(img.naturalWidth * scale)
    canvas.height = Math.round(img.naturalHeight * scale)
    const context = canvas.getContext('2d')
    if (!context) return
    context.drawImage(img, 0, 0, canvas.width, canvas.height)
    const pixels = context.getImageData(0, 0, canvas.width, canvas.height)
    // by the keyboard it is the middle that is asked about
    const byKey = e.detail === 0
    const at = byKey
      ? { x: 0.5, y: 0.5 }
      : { x: (e.clientX - box.left) / box.width, y: (e.clientY - box.top) / box.height }
    setFound(shadeOf(pixels, at) ?? 'no-paper')
  }
  return (
    <SheetDialog title={name} about="Touch the sweet to measure its shade beside the paper." onClose={onClose}>
      <button
        type="button"
        onClick={measure}
        className="block w-full cursor-crosshair"
        aria-label="Measure the shade in the middle"
      >
        {/* biome-ignore lint/performance/noImgElement: it is measured as it is */}
        <img
          ref={image}
          src={src}
          alt={name}
          width={picture.width}
          height={picture.height}
          className="max-h-[60dvh] w-full object-contain"
        />
      </button>
      <div className="mt-3 flex flex-wrap items-center justify-between gap-3">
        <p className="text-main" aria-live="polite">
          {found === 'no-paper'
            ? 'No white paper is in the light here: nothing to measure by.'
            : found &&
              `${colourNames[nearestColour(found.celsius)]}: as at ${say.temperature(inCelsius(found.celsius))}, ± ${say.step(inCelsiusStep(found.sd))}`}
        </p>
        <For may="cook">
          {found !== null && found !== 'no-paper' && (
            <Button onClick={() => onShade(found.celsius)}>Keep it as this batch’s shade</Button>
          )}
          <AlertDialog
            title="Take this picture away?"
            text="It is not kept anywhere else."
            yes="Take it away"
            onYes={() =>
              void send('DELETE', `/api/batches/${batch}/pictures/${picture.id}`).then(() => {
                onClose()
                router.refresh()
              })
            }
          >
            <button
              type="button"
              aria-label="Take this picture away"
              className="grid size-11 place-items-center rounded-control hover:bg-marble"
            >
              <Trash2 size={18} aria-hidden />
            </button>
          </AlertDialog>
        </For>
      </div>
    </SheetDialog>
  )
}
