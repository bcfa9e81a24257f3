import { inGrams, type LineReading } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { lower, sayQuestion, sayUnderstood } from '@/words'

/** What was understood of a line, or what is asked about it. */
export function ReadingWords({ reading }: { readonly reading: LineReading }) {
  const say = useSay()
  if (reading.status === 'ask') return <span>{sayQuestion(reading.question, say)}</span>
  const { ingredient, grams, note } = reading
  return (
    <span>
      <strong className="figures">{say.weight(inGrams(grams))}</strong> {lower(ingredient.name)}
      {note && <span className="text-muted"> · {note}</span>}
      <span className="text-muted"> ({sayUnderstood(reading, say)})</span>
    </span>
  )
}
