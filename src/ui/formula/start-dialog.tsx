'use client'

import { useRouter } from 'next/navigation'
import { Dialog } from 'radix-ui'
import { useRef, useState } from 'react'
import { ulid } from 'ulid'
import type { StartBatch } from '@/contract/batch'
import { type BatchPlan, cautions } from '@/core'
import { Button } from '@/ui/kit/button'
import { send } from '@/ui/kit/send'
import type { KitchenView } from './kitchen'
import { ChoiceList } from './slot'

const paces = [
  { id: '1', label: 'For real', detail: 'the clock on the wall' },
  { id: '10', label: 'Practice, 10×', detail: 'ten times faster' },
  { id: '60', label: 'Practice, 60×', detail: 'a minute a second' },
] as const

interface Props {
  readonly kitchen: KitchenView
  readonly plan: BatchPlan
  readonly request: Omit<StartBatch, 'id' | 'boilId' | 'channel' | 'rate'>
}

/** The last questions before the flame: which probe, and whether this is practice. */
export function StartDialog({ kitchen, plan, request }: Props) {
  const router = useRouter()
  const [channel, setChannel] = useState(kitchen.channels[0]?.id ?? '')
  const [pace, setPace] = useState('1')
  const [problem, setProblem] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  // the same ids for every try, so that a retry after a lost answer starts one batch, not two
  const ids = useRef<{ id: string; boilId: string } | null>(null)

  async function start(): Promise<void> {
    setBusy(true)
    setProblem(null)
    ids.current ??= { id: ulid(), boilId: ulid() }
    const body: StartBatch = { ...request, ...ids.current, channel: channel || null, rate: Number(pace) }
    try {
      const { boilId } = await send<{ boilId: string }>('POST', '/api/batches', body)
      router.push(`/stove/${boilId}`)
    } catch (error) {
      setProblem((error as Error).message)
      setBusy(false)
    }
  }

  return (
    <Dialog.Root>
      <Dialog.Trigger asChild>
        <Button look="primary" className="min-h-14 shrink-0 px-6 text-[18px]">
          Cook this batch
        </Button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-[#23152b]/60" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-30 flex max-h-[92dvh] w-[min(640px,94vw)] -translate-x-1/2 -translate-y-1/2 flex-col gap-5 overflow-auto rounded-sheet bg-sheet p-7"
        >
          <Dialog.Title className="casual text-[26px] font-bold">
            {plan.boils.length > 1 ? `First of ${plan.boils.length} boils: ${plan.boils[0] || '1'}` : 'Ready to cook'}
          </Dialog.Title>
          <div className="grid gap-5 sm:grid-cols-2">
            <div>
              <p className="mb-2 text-[14px] text-muted">Probe in the pot</p>
              <ChoiceList
                value={channel}
                options={kitchen.channels.map((c) => ({ id: c.id, label: c.name }))}
                onPick={setChannel}
              />
            </div>
            <div>
              <p className="mb-2 text-[14px] text-muted">Clock</p>
              <ChoiceList value={pace} options={paces} onPick={setPace} />
            </div>
          </div>
          <p className="rounded-control bg-lemon p-4 text-[15px] text-on-lemon">
            <strong className="casual block">{cautions.hotSugar?.short}</strong>
            {cautions.hotSugar?.full}
          </p>
          {problem && (
            <p role="alert" className="text-[15px] text-cherry">
              {problem}
            </p>
          )}
          <div className="flex justify-end gap-3">
            <Dialog.Close asChild>
              <Button>Not yet</Button>
            </Dialog.Close>
            <Button look="primary" onClick={start} disabled={busy}>
              {busy ? 'Starting …' : 'Light the burner'}
            </Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
