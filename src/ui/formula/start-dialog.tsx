'use client'

import { useRouter } from 'next/navigation'
import { Dialog } from 'radix-ui'
import { useRef, useState } from 'react'
import { Controller, useForm } from 'react-hook-form'
import { ulid } from 'ulid'
import type { StartBatch } from '@/contract/batch'
import type { KitchenView } from '@/contract/kitchen'
import { type BatchPlan, inCelsius } from '@/core'
import { Button } from '@/ui/kit/button'
import { send } from '@/ui/kit/send'
import { ChoiceList } from '@/ui/kit/slot'
import { thermometerSaid } from '@/ui/kitchen/said'
import { useSay } from '@/ui/shell/preferences'
import { cautions, cautionsInFull } from '@/words'
import { forgetWeighed, weighedOf } from './weighed'

const paces = [
  { id: '1', label: 'For real', detail: 'the clock on the wall' },
  { id: '10', label: 'Practice, 10×', detail: 'ten times faster' },
  { id: '60', label: 'Practice, 60×', detail: 'a minute a second' },
] as const

/** What is asked: one of the tellers, and a pace, by their names. */
interface Answers {
  readonly teller: string
  readonly pace: (typeof paces)[number]['id']
}

interface Props {
  readonly kitchen: KitchenView
  readonly plan: BatchPlan
  /** It begins with a pot on the heat, not with something baked or mixed by hand. */
  readonly lights: boolean
  /** The hottest it gets, °C, and whether that scalds. */
  readonly hottestC: number
  readonly hot: boolean
  readonly request: Omit<StartBatch, 'id' | 'boilId' | 'channel' | 'thermometer' | 'rate' | 'lots'>
}

/** What tells the temperature: a probe on a channel, a thermometer read by eye, or nothing. */
type Teller = Pick<StartBatch, 'channel' | 'thermometer'>

function tellersOf(kitchen: KitchenView, said: (id: string) => string | undefined) {
  const probes = kitchen.channels.map((c) => {
    const own = kitchen.thermometer.find((t) => t.channel === c.id)
    return { id: c.id, label: c.name, detail: own && said(own.id), tells: { channel: c.id, thermometer: null } }
  })
  const byEye = kitchen.thermometer
    .filter((t) => t.channel === null)
    .map((t) => ({
      id: `eye ${t.id}`,
      label: `By eye: ${t.name}`,
      detail: said(t.id),
      tells: { channel: null, thermometer: t.id },
    }))
  const none = {
    id: '',
    label: 'No probe, by hand',
    detail: 'drops, signs, colour',
    tells: { channel: null, thermometer: null },
  }
  return [...probes, ...byEye, none] satisfies readonly { id: string; tells: Teller }[]
}

/** The last questions before the flame: which probe, and whether this is practice. */
export function StartDialog({ kitchen, plan, lights, hottestC, hot, request }: Props) {
  const router = useRouter()
  const say = useSay()
  const tellers = tellersOf(kitchen, (id) => {
    const facts = kitchen.thermometer.find((t) => t.id === id)
    if (!facts) return undefined
    return facts.maxC < hottestC
      ? `stops at ${say.temperature(inCelsius(facts.maxC))}`
      : thermometerSaid(facts, say, Date.now())
  })
  const { control, handleSubmit, formState } = useForm<Answers>({
    defaultValues: { teller: tellers[0]?.id ?? '', pace: '1' },
  })
  const [problem, setProblem] = useState<string | null>(null)
  // the same ids for every try, so that a retry after a lost answer starts one batch, not two
  const ids = useRef<{ id: string; boilId: string } | null>(null)

  const start = handleSubmit(async ({ teller, pace }) => {
    setProblem(null)
    ids.current ??= { id: ulid(), boilId: ulid() }
    const { tells } = tellers.find((t) => t.id === teller) ?? (tellers.at(-1) as (typeof tellers)[number])
    const { grams, lots } = weighedOf(request.formula, plan.outGrams)
    const body: StartBatch = { ...request, ...ids.current, ...tells, rate: Number(pace), lots: Object.values(lots) }
    try {
      const { boilId } = await send<{ boilId: string }>('POST', '/api/batches', body)
      if (Object.keys(grams).length > 0) {
        const act = { id: ulid(), at: new Date().toISOString(), act: { type: 'weighed', grams } }
        await send('POST', `/api/boils/${boilId}/acts`, act)
      }
      forgetWeighed(request.formula)
      router.push(`/stove/${boilId}`)
    } catch (error) {
      setProblem((error as Error).message)
    }
  })

  return (
    <Dialog.Root>
      <Dialog.Trigger asChild>
        <Button look="primary" className="min-h-14 shrink-0 px-6 text-title">
          Cook this batch
        </Button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-veil" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-30 flex max-h-[92dvh] w-[min(830px,94vw)] -translate-x-1/2 -translate-y-1/2 flex-col gap-5 overflow-auto rounded-sheet bg-sheet p-7"
        >
          <Dialog.Title className="casual text-large font-bold">
            {plan.boils.length > 1
              ? `First of ${plan.boils.length}${lights ? ' boils' : ''}: ${plan.boils[0]?.label || '1'}`
              : 'Ready to cook'}
          </Dialog.Title>
          <div className="grid gap-5 sm:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
            <div>
              <p className="mb-2 text-small text-muted">
                What tells the temperature{lights ? '' : ', once something is boiled'}
              </p>
              <Controller
                name="teller"
                control={control}
                render={({ field }) => <ChoiceList value={field.value} options={tellers} onPick={field.onChange} />}
              />
            </div>
            <div>
              <p className="mb-2 text-small text-muted">Clock</p>
              <Controller
                name="pace"
                control={control}
                render={({ field }) => <ChoiceList value={field.value} options={paces} onPick={field.onChange} />}
              />
            </div>
          </div>
          {hot && (
            <p className="rounded-control bg-lemon p-4 text-body text-on-lemon">
              <strong className="casual block">{cautions.hotSugar}</strong>
              {cautionsInFull.hotSugar}
            </p>
          )}
          {typeof window !== 'undefined' && !window.isSecureContext && (
            <p className="text-body text-muted">
              This screen cannot be kept awake over a line that is not encrypted. Set it to stay on before you light the
              burner.
            </p>
          )}
          {problem && (
            <p role="alert" className="text-body text-cherry">
              {problem}
            </p>
          )}
          <div className="flex justify-end gap-3">
            <Dialog.Close asChild>
              <Button>Not yet</Button>
            </Dialog.Close>
            <Button look="primary" onClick={start} disabled={formState.isSubmitting}>
              {formState.isSubmitting ? 'Starting …' : lights ? 'Light the burner' : 'Begin'}
            </Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
