'use client'

import { FileDown, FileUp } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { FileLabel } from './file-label'
import { sendFile } from './send'

const link =
  'inline-flex min-h-11 cursor-pointer items-center gap-2 rounded-control px-3 text-small font-semibold hover:bg-marble focus-within:outline-3 focus-within:outline-cherry'

interface FilesProps<T> {
  /** What goes out: the words and the address of each file. */
  readonly out: readonly { readonly label: string; readonly href: string }[]
  /** What comes in, as CSV: the words, where it is sent, and what is said of the answer. */
  readonly into: { readonly label: string; readonly path: string; said(answer: T): string }
  readonly className: string
}

/** Files out, and a CSV file in; what became of it is said below, and the page shows it. */
export function Files<T>({ out, into, className }: FilesProps<T>) {
  const router = useRouter()
  const [said, setSaid] = useState<{ readonly text: string; readonly bad: boolean } | null>(null)
  const take = async (file: File): Promise<void> => {
    try {
      setSaid({ text: into.said(await sendFile<T>(into.path, 'text/csv', await file.text())), bad: false })
      router.refresh()
    } catch (error) {
      setSaid({ text: (error as Error).message, bad: true })
    }
  }
  return (
    <div className={`flex flex-wrap items-center gap-x-2 ${className}`}>
      {out.map(({ label, href }) => (
        <a key={href} href={href} download className={link}>
          <FileDown size={16} aria-hidden />
          {label}
        </a>
      ))}
      <FileLabel className={link} accept=".csv,text/csv" onFiles={([file]) => void take(file)}>
        <FileUp size={16} aria-hidden />
        {into.label}
      </FileLabel>
      {said && (
        <p
          role={said.bad ? 'alert' : 'status'}
          className={`w-full px-3 pb-1 text-small ${said.bad ? 'text-cherry' : 'text-muted'}`}
        >
          {said.text}
        </p>
      )}
    </div>
  )
}
