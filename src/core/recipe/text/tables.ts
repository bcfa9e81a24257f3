/** Tables of a pasted text: rows of a list set out in columns, and rows that tell what is done at which heat. */
import { uncapital } from '../../formula/sentence'

/** Between the head of a table and its rows: "|---|:--|" */
export const RULE = /^\|?[\s|:-]*-{2}[\s|:-]*$/
export const HAS_NUMBER = /[\d¼½¾⅓⅔]/
export const isAmount = (cell: string): boolean => /^[\d¼½¾⅓⅔]/.test(cell)

/** "Granulated sugar      2 c.": columns set out by spaces. */
const COLUMNS =
  /(?<=\p{L}|\)) {3,}(?=[\d¼½¾⅓⅔]|an? |for )|(?<=[\p{L}\d.%)]) {2,}(?=\d+[.,]\d{3}$|\d[\d.,]* ?(?:k?g|m?l|oz|lbs?)$)/u
/** "INGREDIENT      WEIGHT      %": three of them, and what stands beneath. */
const WIDE = / {3,}| {2,}(?=\d)/
const OF_THREE = new RegExp(`^\\S(?:.*?\\S)?(?:${WIDE.source})\\S(?:.*?\\S)?(?:${WIDE.source})\\S.*$`)

/** What amounts are in, and what is none, as sources of patterns. */
const UNIT = 'g|grams|kg|oz|lbs?|ml'
const SHARE = "(?:baker['’]?s )?%|per ?cent"

/** "g       %", over columns of numbers beside names that have no head */
const UNIT_HEADS = new RegExp(`^(?=.*(?<!\\S)(?:${UNIT})(?!\\S))(?:(?:${UNIT}|${SHARE})(?:\\s{2,}|$)){2,}$`, 'i')

/** "Raw material      kg", over a name and a number */
const NAMED_UNIT = new RegExp(`^(\\p{L}[\\p{L} ]{0,30}?) {3,}(${UNIT})$`, 'iu')

/** "Sugar | 1000 | 25": columns set apart by strokes. */
const STROKE = /\s\|(?=\s|$)/
/** ◊ Of so many rows with the same strokes, and a bare amount in more than this share of them, or a head that tells heats, the text is a table. */
const TABLE = { rows: 3, amounts: 0.5 }
const BARE_AMOUNT = /^[\d¼½¾⅓⅔][\d.,/ ½¼¾⅓⅔–-]*\s?(?:k?g|m?l|oz|lbs?|%|cups?|tbsps?|tsps?|°\s?[CF]?|min)?\.?$/i

/** Rows of a table whose columns are set apart by strokes alone. */
export function strokedIn(rows: readonly string[]): ReadonlySet<string> {
  const stroked = rows.map((row) => row.trim()).filter((row) => STROKE.test(row) && !row.startsWith('|'))
  const cellsOf = (row = ''): string[] => row.split(STROKE).map((c) => c.trim())
  const wide = stroked.filter((row) => cellsOf(row).length === cellsOf(stroked[0]).length)
  const withAmount = wide.filter((row) => cellsOf(row).some((c) => BARE_AMOUNT.test(c)))
  const isTold = tellsOf(cellsOf(wide[0])) !== null || withAmount.length > TABLE.amounts * wide.length
  return new Set(wide.length >= TABLE.rows && isTold ? wide : [])
}

/** The cells of a row of a table; null for a line that is none. */
export function cellsIn(line: string, stroked: boolean): string[] | null {
  const named = NAMED_UNIT.exec(line)
  if (named) return named.slice(1)
  if (UNIT_HEADS.test(line)) return ['Ingredient', ...line.split(/\s{2,}/)]
  const isRow = line.startsWith('|') || stroked
  const apart = line.includes('\t') || isRow ? /\t|\|/ : OF_THREE.test(line) ? WIDE : COLUMNS
  if (!apart.test(line)) return null
  const cells = line
    .replace(/^\||\|$/g, '')
    .split(apart)
    .map((c) => c.trim())
  return cells.filter(Boolean).length > (isRow ? 0 : 1) ? cells : null
}

/** Cells parted by commas or semicolons, in quotes where they have one within. */
const CELL = '(?:"[^"]*"|[^",;]*)'
/** ◊ No name or note of a sheet is longer. */
const LONGEST_CELL = 40
/** Rows of a sheet, "Sugar,500,g", with tabs between their cells; any other row as it is. */
export function sheetIn(rows: readonly string[]): readonly string[] {
  const apart = (mark: string): ReadonlyMap<number, string[]> => {
    const isRow = new RegExp(`^${CELL}(?:${mark}(?! )${CELL})+$`)
    const cell = new RegExp(`(?<=^|${mark})(?:"[^"]*"|[^${mark}]*)`, 'g')
    const found = rows.flatMap((row, i) => {
      const written = isRow.test(row.trim()) ? (row.trim().match(cell) ?? []) : []
      const cells = written.map((c) => c.replace(/^"|"$/g, '').trim())
      return cells.length > 1 && cells.every((c) => c.length <= LONGEST_CELL) ? [[i, cells] as const] : []
    })
    const wide = found.filter(([, cells]) => cells.length === found[0]?.[1].length)
    const withAmount = wide.filter(([, cells]) => cells.some((c) => BARE_AMOUNT.test(c)))
    return new Map(wide.length >= TABLE.rows && withAmount.length > TABLE.amounts * wide.length ? wide : [])
  }
  const cells = [',', ';'].map(apart).find((found) => found.size > 0)
  return rows.map((row, i) => cells?.get(i)?.join('\t') ?? row)
}

/** Which columns of a table say what is done, at which heat, in which degrees, and how long; -1 for none. */
interface Tells {
  readonly what: number
  readonly heat: number
  readonly time: number
  readonly degrees: string
}

/** Of the head of a table, what its amounts are in, by column. */
export interface Head {
  readonly columns: readonly {
    readonly called: string
    readonly unit: string
    readonly isAmount: boolean
    /** It says in what the amounts of its rows are. */
    readonly isUnit: boolean
    /** It says how what is in a row is, or what is done to it. */
    readonly isNote: boolean
    /** It says with what else a row goes in. */
    readonly isGroup: boolean
    /** It says by which mark a row is called: "A1". */
    readonly isCode: boolean
  }[]
  /** Null where its rows are none of a method. */
  readonly tells: Tells | null
}

const HEATS = /^(?:(?:target |final )?temp(?:erature)?\b.*|heat|°\s?[CF]|[CF])$/i
const DOES = /^(?:what|do|action|stage|process|instructions?|method|operation|procedure|description)\b/i
const TIMES = /^(?:time|min(?:ute)?s?|duration)\b/i
const COUNTS = /^(?:#|no\.?|nr\.?|step)$/i

function tellsOf(cells: readonly string[]): Tells | null {
  const [heat, time] = [cells.findIndex((c) => HEATS.test(c)), cells.findIndex((c) => TIMES.test(c))]
  const does = cells.findIndex((c) => DOES.test(c))
  // "Step | °C": where nothing else says what is done, the step does
  const what = does >= 0 ? does : cells.findIndex((c) => COUNTS.test(c))
  const degrees = /\b[CF]$/i.exec(cells[heat] ?? '')?.[0] ?? ''
  return heat < 0 || what < 0 ? null : { what, heat, time, degrees }
}

/** "Cook", "bring to": what is done until a heat is there; all else is done at it. */
const UNTIL = /^(?:(?:re)?boil|bring|carameli[sz]e|cook|cool|heat|warm)\b(?!.*\b(?:to|until|till)\b.*\d)[^,;.]*$/i

/** A row of a table that tells what is done as a sentence. */
export function toldOf(cells: readonly string[], tells: Tells): string {
  const cell = (at: number): string => (HAS_NUMBER.test(cells[at] ?? '') ? (cells[at] as string) : '')
  const what = (cells[tells.what] ?? '').replace(/\.$/, '')
  const heat = cell(tells.heat)
  const degrees = heat === '' || /[CF°]/i.test(heat) ? heat : `${heat} °${tells.degrees}`
  const time = cell(tells.time)
  const lasts = time === '' ? '' : ` ${/[a-z]/i.test(time) ? time : `${time} min`}`
  const others = cells.filter((c, i) => ![tells.what, tells.heat, tells.time].includes(i) && /\p{L}{3}/u.test(c))
  const said = [what, ...others].filter(Boolean).join(', ')
  if (degrees === '') return `${said}${lasts}.`
  return UNTIL.test(what) ? `${said} to ${degrees}${lasts}.` : `At ${degrees} ${uncapital(said)}${lasts}.`
}

/** `ruled`: a rule stands beneath it, so that it is a head, whatever it calls its columns. */
export function headOf(cells: readonly string[], ruled: boolean): Head | null {
  if (cells.some((c) => HAS_NUMBER.test(c))) return null
  const columns = cells.map((c) => ({
    unit: /\b(g|grams?|kg|oz|lbs?|ml)\b/i.exec(c)?.[1] ?? '',
    isAmount: /^(?:g|grams?|kg|oz|lbs?|ml|weights?|amounts?|quantit\w+|qty|how (?:much|many))\b/i.test(c),
    isUnit: /^(?:units?|uom|measure)$/i.test(c),
    isNote: /^(?:comments?|form|notes?|prep(?:aration)?|remarks?|state)$/i.test(c),
    isGroup: /^(?:component|group|part|phase|stage)$/i.test(c),
    isCode: /^(?:code|id|item no\.?|key|mark|no\.?|ref(?:erence)?\.?|#)$/i.test(c),
    called: c,
  }))
  const tells = tellsOf(cells)
  return ruled || tells || columns.some((c) => c.isAmount) ? { columns, tells } : null
}

const BARE_NUMBER = /^\d+(?:[.,]\d+)?$/
/** What is counted, though no unit says so: "2 eggs". */
export const COUNTED =
  /\b(?:apples?|bags?|beans?|cans?|eggs?|lea(?:f|ves)|lemons?|limes?|oranges?|packets?|pods?|sheets?|sticks?|tins?|whites?|yolks?)\b/i

const MEASURED = /^[\d¼½¾⅓⅔].*(?:k?g|m?l|oz|lbs?|cups?|tbsps?|tsps?)\.?$/i

/** "200 g | sugar", "1 cup heavy cream | 240 ml": a row that begins with its amount; the same again stands in brackets. */
export const asItStands = ([first = '', ...rest]: readonly string[]): string =>
  rest.length > 0 && !BARE_AMOUNT.test(first) && rest.every((c) => BARE_AMOUNT.test(c) && MEASURED.test(c))
    ? `${first} (${rest.join('; ')})`
    : [first, ...rest].join(' ')

/** "A1": a letter for what goes together, and a number in it. */
const CODE = /^([A-H])-?\d{1,2}$/

/** By which mark a method calls a row: "cook A2 and A3"; null for none. */
export function codeOf(cells: readonly string[], head: Head): string | null {
  const cell = cells[head.columns.findIndex((c) => c.isCode)] ?? ''
  return CODE.test(cell) ? cell : null
}

/** The heading a row stands under by a column of its table, "Stage 1:", "Syrup:", or by the letter of its mark; null for neither. */
export function groupOf(cells: readonly string[], head: Head): string | null {
  const at = head.columns.findIndex((c) => c.isGroup)
  const cell = cells[at] ?? ''
  if (cell === '') return CODE.exec(codeOf(cells, head) ?? '')?.[1]?.concat(':') ?? null
  return `${cell.length < 3 ? `${head.columns[at]?.called} ` : ''}${cell}:`
}

/** Whether a column says where a row belongs or how it is called, and nothing of what it is. */
export const isBeside = (head: Head | null, column: number): boolean => {
  const { isGroup = false, isCode = false } = head?.columns[column] ?? {}
  return isGroup || isCode
}

/** A row as a line of a list: its amount, then its name, then any other amount. A share of the whole beside an amount says nothing more. */
export function lineOf(cells: readonly string[], head: Head | null): string {
  const name = cells.find((c, i) => !isAmount(c) && !isBeside(head, i)) ?? ''
  const at = head?.columns.findIndex((c) => c.isAmount) ?? -1
  const amount =
    (at >= 0 ? cells[at] : undefined) ??
    cells.find((c, i) => isAmount(c) && !isBeside(head, i) && !/%\s*$/.test(c)) ??
    ''
  if (amount === '') return cells.join(' ')
  const under = (is: 'isUnit' | 'isNote'): string => cells[head?.columns.findIndex((c) => c[is]) ?? -1] ?? ''
  const unit = /[a-z]/i.test(amount) ? '' : head?.columns[at]?.unit || under('isUnit')
  // of which unit a number is, is asked once of the whole list, and "2 eggs" are counted
  if (unit === '' && BARE_NUMBER.test(amount) && !COUNTED.test(name)) return `${name} ${amount}`
  const others = cells.filter((c) => c !== amount && c !== name && MEASURED.test(c))
  const note = under('isNote')
  return [amount, unit, note ? `${name}, ${note}` : name, ...others.map((c) => `(${c})`)].filter(Boolean).join(' ')
}
