'use client'

import { Tablet } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import { ulid } from 'ulid'
import { type Role, roles } from '@/contract/roles'
import type { Pairing, ScreenView } from '@/contract/screens'
import { AlertDialog } from '@/ui/kit/alert-dialog'
import { BackLink } from '@/ui/kit/back-link'
import { Box } from '@/ui/kit/box'
import { Button } from '@/ui/kit/button'
import { Segments } from '@/ui/kit/segments'
import { send } from '@/ui/kit/send'
import { useAlive } from '@/ui/kit/use-alive'
import { sayAgo } from '@/words'

interface Props {
  /** Imbry can be reached from the kitchen's network. */
  readonly open: boolean
  readonly begun: boolean
  readonly secure: boolean
  /** The screen that asks; null where screens do not sign in. */
  readonly mine: string | null
  readonly screens: readonly ScreenView[]
  readonly now: number
}

const words: Record<Role, { readonly label: string; readonly may: string }> = {
  'looker-on': { label: 'Looks on', may: 'sees stove, book and log, and changes nothing' },
  cook: { label: 'Cooks', may: 'starts batches, logs acts and judges, besides looking' },
  owner: { label: 'Owns', may: 'writes the book, furnishes the kitchen and says who comes in' },
}

/** Who may come in from the kitchen's network: paired, seen, and sent away. */
export function ScreensPage({ open, begun, secure, mine, screens, now }: Props) {
  return (
    <div className="flex flex-col gap-4 p-4 lg:p-6">
      <header>
        <BackLink href="/kitchen" className="mb-1">
          Kitchen
        </BackLink>
        <h1 className="casual text-page leading-none font-extrabold">Screens</h1>
        <p className="mt-2 max-w-prose text-main text-muted">
          {open
            ? 'Every screen on this network is paired once, has a name, and does what its role allows. What it logs stands under its name.'
            : 'Only this machine opens Imbry, and it asks nobody. To cook by several screens, start it for your network: IMBRY_LISTEN=0.0.0.0 npm start. Screens then sign in.'}
        </p>
      </header>
      {open && !secure && (
        <p className="rounded-control bg-lemon px-4 py-3 text-body text-on-lemon">
          The line is not encrypted: whoever is on this network can read along, passphrase and all, and browsers will
          not keep tablets awake over it (set them to stay on). A certificate mends both: IMBRY_TLS_CERT and
          IMBRY_TLS_KEY.
        </p>
      )}
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
        <List screens={screens} mine={mine} now={now} />
        <div className="flex flex-col gap-4">
          {open && <PairForm />}
          <PassphraseForm begun={begun} />
        </div>
      </div>
    </div>
  )
}

function List({ screens, mine, now }: Pick<Props, 'screens' | 'mine' | 'now'>) {
  const router = useRouter()
  const [trouble, setTrouble] = useState<string | null>(null)
  const sendAway = async (id: string): Promise<void> => {
    try {
      await send('DELETE', `/api/screens/${id}`)
      setTrouble(null)
    } catch (error) {
      setTrouble((error as Error).message)
    }
    router.refresh()
  }
  return (
    <ul className="sheet divide-y divide-line px-5 py-2">
      {trouble && (
        <li role="alert" className="py-3 text-body text-cherry">
          {trouble}
        </li>
      )}
      {screens.map((s) => (
        <li key={s.id} className="flex flex-wrap items-center gap-x-4 gap-y-2 py-3">
          <Tablet size={26} aria-hidden className="shrink-0 text-muted" />
          <div className="min-w-40 flex-1">
            <p className="casual text-title leading-tight font-bold">
              {s.name}
              {s.id === mine && <span className="ml-2 text-small font-normal text-muted">this one</span>}
            </p>
            <p className="text-small text-muted">
              {words[s.role].label.toLowerCase()} · seen {sayAgo(s.lastSeenAt, now)}
            </p>
          </div>
          <AlertDialog
            title={`Send “${s.name}” away?`}
            text="It is let in no more, and what it has open ends within seconds. What it logged stays."
            yes="Send it away"
            onYes={() => void sendAway(s.id)}
          >
            <Button>Send away</Button>
          </AlertDialog>
        </li>
      ))}
      {screens.length === 0 && <li className="py-4 text-body text-muted">No screen has been paired.</li>}
    </ul>
  )
}

function PairForm() {
  const alive = useAlive()
  const router = useRouter()
  const [name, setName] = useState('second cook')
  const [role, setRole] = useState<Role>('cook')
  const [pairing, setPairing] = useState<Pairing | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const make = async (): Promise<void> => {
    setTrouble(null)
    try {
      setPairing(await send<Pairing>('POST', '/api/screens', { id: ulid(), name, role }))
    } catch (error) {
      setTrouble((error as Error).message)
    }
  }
  return (
    <section aria-labelledby="pair" className="sheet flex flex-col gap-4 p-5">
      <h2 id="pair" className="casual text-title leading-tight font-bold">
        Pair a screen
      </h2>
      {pairing ? (
        <>
          <p className="text-body text-muted">
            <strong className="text-ink">{name}</strong> {words[role].label.toLowerCase()}: {words[role].may}
          </p>
          <Code
            key={pairing.code}
            pairing={pairing}
            onDead={() => {
              setPairing(null)
              router.refresh()
            }}
          />
          <Button onClick={() => setPairing(null)}>Pair another</Button>
        </>
      ) : (
        <>
          <Box
            label="It is called"
            hint="by its role: lead cook, packing"
            maxLength={60}
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
          <div>
            <Segments
              label="It"
              value={role}
              onPick={setRole}
              options={roles.map((id) => ({ id, label: words[id].label }))}
            />
            <p className="mt-1 text-small text-muted">{words[role].may}</p>
          </div>
          <Button look="primary" disabled={!alive || name.trim() === ''} onClick={() => void make()}>
            Make a code
          </Button>
        </>
      )}
      {trouble && (
        <p role="alert" className="text-body text-cherry">
          {trouble}
        </p>
      )}
    </section>
  )
}

/** The code, its picture, and how long it lives. */
function Code({ pairing, onDead }: { readonly pairing: Pairing; onDead(): void }) {
  const [left, setLeft] = useState(120)
  useEffect(() => {
    const timer = setInterval(() => {
      const now = Math.ceil((Date.parse(pairing.expiresAt) - Date.now()) / 1000)
      setLeft(now)
      if (now <= 0) onDead()
    }, 500)
    return () => clearInterval(timer)
  }, [pairing, onDead])
  return (
    <div className="flex items-center gap-5 rounded-control bg-lemon p-4 text-on-lemon max-sm:flex-wrap">
      {/* biome-ignore lint/performance/noImgElement: a picture drawn just now, of no use to anybody else */}
      <img
        src={pairing.picture}
        alt="The code as a picture, for a tablet’s camera"
        className="size-40 shrink-0 rounded-inner bg-white"
      />
      <div>
        <p className="casual figures text-page leading-none font-extrabold" data-testid="code">
          {pairing.code.slice(0, 3)} {pairing.code.slice(3)}
        </p>
        <p className="mt-2 text-body">Type it on the new screen, or show the picture to its camera.</p>
        <p className="text-small">good for {Math.max(0, left)} s more</p>
      </div>
    </div>
  )
}

function PassphraseForm({ begun }: { readonly begun: boolean }) {
  const router = useRouter()
  const [proof, setProof] = useState('')
  const [passphrase, setPassphrase] = useState('')
  const [said, setSaid] = useState<string | null>(null)
  const keep = async (): Promise<void> => {
    try {
      await send('PUT', '/api/owner', { proof, passphrase })
      setProof('')
      setPassphrase('')
      setSaid('It is kept. Owners’ screens sign in again with it.')
      router.refresh()
    } catch (error) {
      setSaid((error as Error).message)
    }
  }
  return (
    <section aria-labelledby="phrase" className="sheet flex flex-col gap-3 p-5">
      <h2 id="phrase" className="casual text-title leading-tight font-bold">
        {begun ? 'Change the owner’s passphrase' : 'The owner’s passphrase'}
      </h2>
      {begun && (
        <Box
          label="As it is"
          type="password"
          autoComplete="current-password"
          value={proof}
          onChange={(e) => setProof(e.target.value)}
        />
      )}
      <Box
        label={begun ? 'As it shall be' : 'A few words nobody would guess'}
        type="password"
        autoComplete="new-password"
        value={passphrase}
        onChange={(e) => setPassphrase(e.target.value)}
      />
      {said && (
        <p role="status" className="text-body text-muted">
          {said}
        </p>
      )}
      <Button disabled={passphrase === ''} onClick={() => void keep()}>
        Keep it
      </Button>
    </section>
  )
}
