'use client'

import { Archive, CalendarClock, FileDown, FileUp } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import type { TakenIn } from '@/contract/log-file'
import { FilesMenu, MenuItem } from '@/ui/kit/menu'
import { send, sendFile } from '@/ui/kit/send'
import { For } from '@/ui/shell/preferences'
import { formatCount } from '@/words'

/** The log out as a zip, back in batch by batch, and what is to be looked at again as a calendar. */
export function LogFiles() {
  const router = useRouter()
  const chosen = useRef<HTMLInputElement>(null)
  const [said, setSaid] = useState<{ readonly text: string; readonly bad?: true } | null>(null)
  const take = async (file: File): Promise<void> => {
    const counts = { new: 0, same: 0 }
    try {
      const { lines, pictures } = await readLog(file)
      for (const [i, line] of lines.entries()) {
        setSaid({ text: `${i} of ${lines.length} batches` })
        const { came } = await send<TakenIn>('POST', '/api/logbook', JSON.parse(line))
        counts[came]++
      }
      // a picture that is there already stays the one it is
      for (const [i, p] of pictures.entries()) {
        setSaid({ text: `${i} of ${pictures.length} pictures` })
        await sendFile(`/api/batches/${p.batch}/pictures?id=${p.id}`, 'image/jpeg', new Blob([p.bytes]))
      }
      setSaid({ text: `${formatCount(counts.new)} taken in, ${formatCount(counts.same)} there already.` })
    } catch (error) {
      setSaid({
        text: `${(error as Error).message} ${formatCount(counts.new)} had been taken in before that, and stay; the same file can be tried again.`,
        bad: true,
      })
    }
    router.refresh()
  }
  return (
    <div className="flex flex-wrap items-center gap-x-3">
      <FilesMenu>
        <MenuItem asChild>
          <a href="/api/logbook/reminders" download>
            <CalendarClock size={18} aria-hidden />
            Look again, as a calendar
          </a>
        </MenuItem>
        <For may="owner">
          <MenuItem asChild>
            <a href="/api/logbook/export" download>
              <FileDown size={18} aria-hidden />
              The log as a zip
            </a>
          </MenuItem>
          <MenuItem asChild>
            <a href="/api/backup" download>
              <Archive size={18} aria-hidden />A backup of everything
            </a>
          </MenuItem>
          <MenuItem onSelect={() => chosen.current?.click()}>
            <FileUp size={18} aria-hidden />A log back in
          </MenuItem>
        </For>
      </FilesMenu>
      <input
        ref={chosen}
        hidden
        type="file"
        accept=".zip,.jsonl"
        aria-label="A log back in"
        onChange={({ target }) => {
          const [file] = target.files ?? []
          if (file) void take(file)
          target.value = ''
        }}
      />
      {said && (
        <p role={said.bad ? 'alert' : 'status'} className={`text-small ${said.bad ? 'text-cherry' : 'text-muted'}`}>
          {said.text}
        </p>
      )}
    </div>
  )
}

interface LogFile {
  /** One batch each. */
  readonly lines: readonly string[]
  readonly pictures: readonly { readonly batch: string; readonly id: string; readonly bytes: Uint8Array<ArrayBuffer> }[]
}

const PICTURE = /^pictures\/([0-9A-Z]{26})\/([0-9A-Z]{26})\.jpg$/

/** What is in a file: a zip of the whole log, or its lines alone. */
async function readLog(file: File): Promise<LogFile> {
  const bytes = new Uint8Array(await file.arrayBuffer())
  const zipped = bytes[0] === 0x50 && bytes[1] === 0x4b
  const { unzipSync } = await import('fflate')
  const files = zipped ? unzipSync(bytes, { filter: (f) => f.name === 'log.jsonl' || PICTURE.test(f.name) }) : {}
  const log = zipped ? files['log.jsonl'] : bytes
  if (!log) throw new Error('There is no log.jsonl in this file.')
  return {
    lines: new TextDecoder().decode(log).split('\n').filter(Boolean),
    pictures: Object.entries(files).flatMap(([name, data]) => {
      const [, batch, id] = PICTURE.exec(name) ?? []
      return batch && id ? [{ batch, id, bytes: new Uint8Array(data) }] : []
    }),
  }
}
