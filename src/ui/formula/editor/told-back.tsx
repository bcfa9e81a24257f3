import {
  type Answers,
  type GoesIn,
  inCelsius,
  type ReadRecipe,
  readyIn,
  type ShapedBy,
  shapedBy,
  type ToldMoment,
  type ToldPiece,
  tellBack,
} from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { proseIn, sayDue, sayGoesIn, sayUnfollowed } from '@/words'
import { shapeText } from '../shape-editor'
import { answersTo } from './method-asks'

interface Props {
  readonly recipe: ReadRecipe
  readonly answers: Answers
}

/** A recipe as it was read, to hold against its text: what was understood wrongly is seen before it is taken. */
export function ToldBack({ recipe, answers }: Props) {
  const pieces = tellBack(recipe)
  const ready = readyIn(recipe.formula)
  /** Parts of which it is still asked where they come off. */
  const open = recipe.asks.flatMap((a) =>
    (a.id === 'target' && answersTo(a, answers).target === undefined) || (a.id === 'unit' && a.ends)
      ? [a.part?.id ?? null]
      : [],
  )
  return (
    <section aria-labelledby="told-back" className="flex flex-col gap-3">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h3 id="told-back" className="casual text-title font-bold">
          As it is read
        </h3>
        <p className="text-small text-muted">hold it against your text</p>
      </div>
      {ready.length > 0 && <Sentences title="Before the heat goes on" lines={ready} />}
      {pieces.map((piece) => (
        <Piece
          key={piece.part ?? ''}
          piece={piece}
          titled={pieces.length > 1}
          target={open.includes(piece.part) ? null : (piece.formula.target?.celsius ?? null)}
        />
      ))}
      {recipe.left.length > 0 && <Sentences title="In the notes, and nowhere else" lines={recipe.left} />}
    </section>
  )
}

function Sentences({ title, lines }: { readonly title: string; readonly lines: readonly string[] }) {
  const say = useSay()
  return (
    <div className="rounded-control bg-marble px-4 py-2.5">
      <h4 className="text-fine font-semibold">{title}</h4>
      <ul className="text-small leading-snug text-muted">
        {lines.map((line, i) => (
          // the same line can stand there twice
          <li key={i} className="py-0.5">
            {proseIn(line, say)}
          </li>
        ))}
      </ul>
    </div>
  )
}

const CAME_ABOUT: Readonly<Record<ShapedBy, string>> = {
  cut: 'Cut into',
  mould: 'Made into',
  broken: 'Spread',
  dipped: 'Dipped,',
  dropped: 'Dropped,',
  rolled: 'Rolled,',
}

interface PieceProps extends Pick<MomentProps, 'target'> {
  readonly piece: ToldPiece
  readonly titled: boolean
}

function Piece({ piece, titled, target }: PieceProps) {
  const say = useSay()
  const { formula, moments, idle } = piece
  return (
    <div>
      {titled && <h4 className="casual mb-1.5 text-main font-bold">{piece.label}</h4>}
      <ol>
        {moments.map((m) => (
          <OneMoment key={m.step.id} moment={m} target={target} />
        ))}
      </ol>
      {idle.length > 0 && (
        <p className="rounded-control bg-lemon px-3 py-2 text-small text-on-lemon">
          No step puts in <Listed things={idle} />.
        </p>
      )}
      {formula.lines.length > 0 && !piece.joinsPot && (
        <p className="text-small text-muted">
          {CAME_ABOUT[shapedBy(formula.shape)]}{' '}
          <span className="font-semibold text-ink">{shapeText(formula.shape, say)}</span>
          {piece.usualSize === 'all' && ', as is usual for its kind'}
          {piece.usualSize === 'thickness' && ', as thick as is usual for its kind'}
        </p>
      )}
    </div>
  )
}

interface MomentProps {
  readonly moment: ToldMoment
  /** Where it comes off, °C; null for what is not boiled, or while that is asked. */
  readonly target: number | null
}

function OneMoment({ moment: { step, words, goesIn, warm, unfollowed, added }, target }: MomentProps) {
  const say = useSay()
  const isEnd = step.when.on === 'target'
  return (
    <li className="group grid grid-cols-[104px_14px_minmax(0,1fr)] gap-x-2">
      <span
        className={`pt-px text-right text-small leading-snug ${isEnd ? 'font-bold text-angelica' : 'font-semibold text-muted'}`}
      >
        {sayDue(step, say, target, say.written)}
      </span>
      <span aria-hidden className="relative">
        <span className="absolute top-2 bottom-[-8px] left-[6px] w-0.5 bg-line group-last:hidden" />
        <span
          className={`absolute top-1.5 left-0.5 size-2.5 rounded-full ${isEnd ? 'bg-angelica' : goesIn.length > 0 ? 'bg-ink' : 'border-2 border-muted bg-sheet'}`}
        />
      </span>
      <div className="pb-3 text-body leading-snug">
        {goesIn.length > 0 && (
          <p className="font-semibold">
            <Listed things={goesIn} />
            {warm !== null && <span className="font-normal text-muted">, at {say.temperature(inCelsius(warm))}</span>}
          </p>
        )}
        <p className={goesIn.length > 0 || words === null ? 'text-small text-muted' : ''}>
          {words === null ? step.act : proseIn(words, say)}
          {added && <span className="text-muted"> · not in the text, put in</span>}
        </p>
        {unfollowed.map((figure) => (
          <p
            key={sayUnfollowed(figure, say)}
            className={`mt-0.5 w-fit rounded-inner px-2 text-fine ${figure.of === 'time' ? 'bg-marble text-muted' : 'bg-lemon text-on-lemon'}`}
          >
            {sayUnfollowed(figure, say)}
          </p>
        ))}
      </div>
    </li>
  )
}

function Listed({ things }: { readonly things: readonly GoesIn[] }) {
  const say = useSay()
  return <>{sayGoesIn(things, say)}</>
}
