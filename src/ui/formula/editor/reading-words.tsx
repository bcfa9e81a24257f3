import { formatGrams, type LineReading } from '@/core'

/** What was understood of a line, or what is asked about it. */
export function ReadingWords({ reading }: { readonly reading: LineReading }) {
  if (reading.status === 'ask') return <span>{reading.question}</span>
  const { ingredient, grams, between, note, how } = reading
  return (
    <span>
      <strong className="figures">{formatGrams(grams)}</strong> {ingredient.name.toLowerCase()}
      {note && <span className="text-muted"> · {note}</span>}
      <span className="text-muted">
        {' '}
        ({between ? `${formatGrams(between.low)} to ${formatGrams(between.high)}, ` : ''}
        {how})
      </span>
    </span>
  )
}
