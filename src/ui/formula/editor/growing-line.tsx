import { useAlive } from '@/ui/kit/use-alive'

interface Props {
  readonly id?: string
  readonly label: string
  readonly value: string
  readonly maxLength: number
  readonly placeholder?: string
  readonly className: string
  onText(text: string): void
}

/** One line of text in a box that grows, so that a long one is read whole on a phone; what is pasted into it stays one line. */
export function GrowingLine({ label, className, onText, ...box }: Props) {
  // what is typed before the page is alive would be overwritten as it wakes
  const alive = useAlive()
  return (
    <textarea
      aria-label={label}
      rows={1}
      readOnly={!alive}
      {...box}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.preventDefault()
      }}
      onChange={(e) => onText(e.target.value.replace(/\s*\n\s*/g, ' '))}
      className={`field-sizing-content resize-none bg-transparent hover:bg-sheet ${className}`}
    />
  )
}
