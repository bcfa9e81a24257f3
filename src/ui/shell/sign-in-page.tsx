'use client'

import { zodResolver } from '@hookform/resolvers/zod'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { byCodeSchema, byPassphraseSchema, MIN_PASSPHRASE, newPassphraseSchema } from '@/contract/screens'
import { sugarColour } from '@/ui/chart/ladder-scale'
import { Box } from '@/ui/kit/box'
import { Button } from '@/ui/kit/button'
import { send } from '@/ui/kit/send'
import { useAlive } from '@/ui/kit/use-alive'

interface Props {
  /** The owner has set a passphrase. */
  readonly begun: boolean
  /** From the picture a tablet read. */
  readonly code: string
}

/** From syrup to the last shade before smoke, °C. */
const RAMP = Array.from({ length: 12 }, (_, i) => 100 + 7 * i)

/** Where a screen that is not known comes in: by a code, or as the owner's. */
export function SignInPage({ begun, code }: Props) {
  const [trouble, setTrouble] = useState<string | null>(null)
  const tried = async (work: () => Promise<unknown>): Promise<void> => {
    setTrouble(null)
    try {
      await work()
      // the whole page anew: who asks is another now
      location.assign('/stove')
    } catch (error) {
      setTrouble((error as Error).message)
    }
  }
  return (
    <div className="mx-auto flex min-h-dvh max-w-[900px] flex-col justify-center gap-5 p-4 lg:p-8">
      <div aria-hidden className="flex h-4 overflow-hidden rounded-full">
        {RAMP.map((celsius) => (
          <span key={celsius} className="flex-1" style={{ background: sugarColour(celsius) }} />
        ))}
      </div>
      <div>
        <p className="casual text-title font-extrabold text-cherry">imbry</p>
        <h1 className="casual text-page leading-tight font-extrabold">
          {begun ? 'Which screen is this?' : 'The first screen of this kitchen'}
        </h1>
      </div>
      {trouble && (
        <p role="alert" className="rounded-control bg-cherry-wash px-4 py-3 text-body text-cherry-ink">
          {trouble}
        </p>
      )}
      {begun ? (
        <div className="grid gap-4 md:grid-cols-[1.15fr_1fr]">
          <ByCode code={code} tried={tried} />
          <AsOwner tried={tried} />
        </div>
      ) : (
        <First tried={tried} />
      )}
    </div>
  )
}

interface FormProps {
  tried(work: () => Promise<unknown>): Promise<void>
}

function ByCode({ code, tried }: FormProps & { readonly code: string }) {
  const alive = useAlive()
  const { register, handleSubmit, formState } = useForm({
    defaultValues: { code: code.slice(0, 6) },
    resolver: zodResolver(byCodeSchema),
  })
  return (
    <form
      method="post"
      onSubmit={handleSubmit((v) => tried(() => send('POST', '/api/session', v)))}
      className="sheet flex flex-col gap-4 p-6"
    >
      <div>
        <h2 className="casual text-large leading-tight font-bold">With a code</h2>
        <p className="text-body text-muted">The owner makes one under Kitchen, Screens. It lives for two minutes.</p>
      </div>
      <Box
        label="Six digits"
        inputMode="numeric"
        maxLength={6}
        autoComplete="one-time-code"
        style={{ fontSize: '2.25rem', letterSpacing: '0.35em', minHeight: '4.5rem' }}
        problem={formState.errors.code && 'It is six digits'}
        {...register('code')}
      />
      <Button look="primary" type="submit" disabled={!alive || formState.isSubmitting}>
        Come in
      </Button>
    </form>
  )
}

/** An empty box is no try. */
const ownerForm = byPassphraseSchema.extend({ passphrase: byPassphraseSchema.shape.passphrase.min(1) })

function AsOwner({ tried }: FormProps) {
  const alive = useAlive()
  const { register, handleSubmit, formState } = useForm({
    defaultValues: { passphrase: '', name: 'owner’s screen' },
    resolver: zodResolver(ownerForm),
  })
  return (
    <form
      method="post"
      onSubmit={handleSubmit((v) => tried(() => send('POST', '/api/session', v)))}
      className="sheet flex flex-col gap-4 p-6"
    >
      <h2 className="casual text-title leading-tight font-bold">As the owner</h2>
      <Box
        label="Passphrase"
        type="password"
        autoComplete="current-password"
        problem={formState.errors.passphrase && 'It needs the passphrase'}
        {...register('passphrase')}
      />
      <Box label="This screen is called" problem={formState.errors.name && 'It needs a name'} {...register('name')} />
      <Button type="submit" disabled={!alive || formState.isSubmitting}>
        Come in
      </Button>
    </form>
  )
}

const firstForm = newPassphraseSchema.extend({ proof: newPassphraseSchema.shape.proof.min(1) })

function First({ tried }: FormProps) {
  const alive = useAlive()
  const { register, handleSubmit, formState } = useForm({
    defaultValues: { proof: '', passphrase: '' },
    resolver: zodResolver(firstForm),
  })
  const begin = handleSubmit((v) =>
    tried(async () => {
      await send('PUT', '/api/owner', v)
      await send('POST', '/api/session', { passphrase: v.passphrase, name: 'owner’s screen' })
    }),
  )
  return (
    <form method="post" onSubmit={begin} className="sheet grid gap-4 p-6 md:grid-cols-2">
      <p className="text-body text-muted md:col-span-2">
        Imbry is open to this network, so screens have to be known. Choose the owner’s passphrase here, once; then pair
        the tablets under Kitchen, Screens.
      </p>
      <Box
        label="Code in the terminal that npm start runs in"
        inputMode="numeric"
        problem={formState.errors.proof && 'It stands in the terminal'}
        {...register('proof')}
      />
      <Box
        label="A passphrase for the owner"
        type="password"
        autoComplete="new-password"
        hint="a few words nobody would guess"
        problem={formState.errors.passphrase && `At least ${MIN_PASSPHRASE} characters`}
        {...register('passphrase')}
      />
      <Button look="primary" type="submit" disabled={!alive || formState.isSubmitting} className="md:col-span-2">
        Open the kitchen
      </Button>
    </form>
  )
}
