/** What a method says, sentence by sentence: abbreviations that end none, titles of stages, what is said in few words. */
import { capital } from '../../formula/sentence'
import { bare } from '../text/unmarked'
import { writtenOut } from '../text/written-out'
import { apart } from './only-told'

/** A full stop that ends no sentence: "a 2 qt. saucepan". */
const ABBREVIATED =
  /\b(w|sq|lg|sm|[Bb]r(?=\. sugar)|qts?|pts?|oz|lbs?|med|[Ee]vap|[Cc]ond|[Cc]hoc|[Cc]onf|[Cc]ryst|env|[Gg]el|pkgs?|pwd|powd|[Tt]sp|[Tt]bsp|approx|abt|atm|temp|deg|(?:mins?|hrs?)(?!\.\s+(?:off|add|remove|take|pour|stir|cool|let|leave|turn|spread)\b)|(?<=[\d¼½¾⅓⅔][- ]?)in|(?<=[°º] ?)[CF]|(?<=[\d¼½¾⅓⅔] ?)[cCtT])\.(?=[,;)]|\s+[a-z&+]|-[a-z])/g

/** "Prep: line a tin": the stage a line is of. */
const STAGE =
  /^(?:to (?:assemble|cook|finish|make)|prep(?:are)?|cook(?:ing)?|finish(?:ing)?|cool(?:ing)?|cut(?:ting)?)(?:\s*:|\s+[–—-])\s+/i
/** "Melt the butter. Step 2: add the sugar" */
const STEP =
  /(?<=^|[.!?]\s+)(?:step|Step|STEP)\s+(?:\d{1,2}|one|two|three|four|five|six|seven|eight)(?:\s*[:.)–—-]\s*|\s+(?=[A-Z][a-z]))/g
/** "Approx. 10 minutes" */
const ABOUT = /\b(?:abt|approx|ca)\.(?=\s+\d)/gi
/** "290 deg. Fahr., or until …" */
const IN_DEGREES =
  /(\d) ?[Dd]eg(?:rees|s)?\.? ?(?:([Ff])(?:ahr(?:enheit)?)?|([Cc])(?:ent(?:igrade)?)?)\b(?:\.(?=[,;)]|\s+[a-z]))?/g
/** "Sugar and water into a tall pan, no stirring, 148-150." */
const ENDS_BARE =
  /^(.{0,200}\b(?:boil|pan|pot|sugar|syrup)\b.{0,200}),\s+([1-3]\d\d(?:\s?[-–]\s?[1-3]\d\d)?)(?=\.?$|\.\s+[A-Z])/gim
/** "300 on candy therm." */
const THERMOMETER = /\btherm\.(?=\)|\s+[a-z])/g

/** ◊ Nobody writes a sentence of more letters than that: what goes on is read piece by piece, so that reading takes no time to speak of. */
const PIECES = /.{1,600}(?:\s|$)|.{1,600}/gs
const inPieces = (sentence: string): string[] => sentence.match(PIECES)?.map((s) => s.trim()) ?? []

/** A sentence of its own in brackets: "(The nuts will be light brown.)" */
const BRACKETED =
  /(?<=[.!?]\s)\(([A-Z][^()]{0,200})\)(?=\.)|\(([A-Z][^()]{0,200}[.!]|(?<=[.!?]\s\()\d[^()]{0,200}[.!])\)/g

/** "Honey: cook to 125°", "Syrup: sugar, glucose, water to 150°": what is done with what stands before the colon. */
const LABELLED =
  /^(?:(almonds|butter|cream|egg whites?|honey|milk|nuts|sugar|syrup|whites):\s+(beat|boil|carameli[sz]e|cook|heat|melt|roast|scald|(?:begin|start) (?:beating|whipping|whisking)|toast|warm|whip|whisk)(?= (?:as|at|for|gently|in|on|once|over|slowly|till|to|until|when|while|with)\b|[,;]|$)|syrup:\s+(?=[^:]*\bto \d))/i
const labelled = (_: string, what?: string, does?: string): string =>
  what && does ? `${does} the ${what.toLowerCase()}` : ''

/** "Whites whipped meanwhile": as it is done. */
const WHIPPED = /^(?:the )?(?:egg )?whites (?:are )?(beaten|whipped|whisked)( meanwhile)?(?! in)(?= to\b|$)/i
/** "Whites + sugar A soft peaks when the syrup hits 118°", "bowl: whites to foam" */
const TO_PEAKS =
  /^(?:(?:(?:mixer|mixing) )?bowl:\s+)?(?:the )?((?:egg )?whites (?:(?:\+|and|with) [^,.;]{3,20} )?)(?:to )?((?:firm|soft|stiff)(?: peaks)?|(?:an? )?(?:foam|froth)|foamy|frothy)(?=$|[,;]| when\b)/i
/** How what was whipped is whipped. */
export const WHIPS: Readonly<Record<string, string>> = { beaten: 'beat', whipped: 'whip', whisked: 'whisk' }
const whipped = (_: string, how = '', meanwhile = ''): string =>
  `${meanwhile ? 'Meanwhile ' : ''}${WHIPS[how.toLowerCase()]} the egg whites`

/** "Then pour it out": that it comes after the sentence before goes without saying. */
const IN_TURN = /^(?:(?:and )?then|after that|finally|lastly|next(?! (?:batch|day|lot|one|time)\b)|now),? (?=\p{L})/iu

/** "Carefully pour in the cream (it will bubble)": with care, whatever is done */
const WITH_CARE = /^(?:very )?carefully,? (?=\p{Ll})([^;(]+?)(\s*(?:[;(].*)?)$/isu
/** "Immediately beat the whites" */
const AT_ONCE = /^(?:at once|immediately),? (?=(?:beat|whip|whisk)\b)/i

/** "Rolling boil 5 min (234 if you have a thermometer)" */
const BY_THERMOMETER =
  /(?<=\bmin(?:ute)?s?\b[^.;()]{0,40})(?<!\b(?:until|till)\b[^.;()]{0,80}),? \((?:about |around )?([12]\d{2}) ?(?:[°º]? ?([CF]))? (?:by|if|on|with)\b[^()]*\btherm[^()]*\)/gi
/** "13x9 pan": where it is poured. */
const TIN_ALONE =
  /^(?=(?:an? |the |your )?(?:(?:buttered|greased|lined|oiled) )?\d+(?: ?(?:cm|in(?:ch)?|"))? ?[x×] ?\d+[^\s,;]{0,4}(?: (?:cm|in(?:ch)?))? (?:dish|pan|tin|tray)$)/i
/** "To 246 °F. (25-30 min.)": how long it takes to get there. */
const TAKES =
  /(?<=\d ?[°º]? ?[CF])\.\s+(?=\((?:(?:about )?\d+(?:\s?[-–]\s?\d+)? ?min[^()]*|(?:firm|hard|soft)[- ](?:ball|crack))\))/g

/** "Want it softer? Stop at 115°", "Grainy? Add water": if it is. */
const ASKS_IF =
  /(?<=^|[.!?]\s+)(?:(?:do you )?((?:like|need|prefer|want) (?:it|them) [^.!?]{3,20})|((?:(?:not|still|too) )?(?:bitter|brittle|burnt|cloudy|crumbly|dark|dry|grainy|hard|lumpy|pale|runny|set|soft|split|sticky|thick|thin|tough)))\? (\p{L})/giu
const asksIf = (_: string, wish: string | undefined, is: string | undefined, begins: string): string =>
  `${wish ? `If you ${wish}` : `If ${is?.toLowerCase()}`}, ${begins.toLowerCase()}`

/** Everything a method says, without its full stops. */
export const spoken = (lines: readonly string[]): string[] =>
  lines
    .map((l) => writtenOut(l.replace(TAKES, ' ').replace(BY_THERMOMETER, ', to $1$2').replace(BRACKETED, '$1$2')))
    .flatMap(
      (l) =>
        bare(
          l
            .replace(IN_DEGREES, '$1 °$2$3')
            .replace(ABBREVIATED, '$1')
            .replace(STEP, '')
            .replace(ASKS_IF, asksIf)
            .replace(ABOUT, 'about')
            .replace(THERMOMETER, 'thermometer')
            .replace(/(?<!half) (?:&|\+) /gi, ' and ')
            .replace(ENDS_BARE, '$1, boil to $2')
            .replace(/[!?](?=\))/g, ''),
        )
          .replace(STAGE, '')
          .match(/[^.!?]+(?:\.(?=\d)[^.!?]+)*[.!?]?/g) ?? [],
    )
    .map((s) =>
      capital(
        s
          .trim()
          .replace(/[.!]$/, '')
          .replace(IN_TURN, '')
          .replace(TIN_ALONE, 'Pour into ')
          .replace(AT_ONCE, '')
          .replace(WITH_CARE, '$1, carefully$2')
          .replace(LABELLED, labelled)
          .replace(WHIPPED, whipped)
          .replace(TO_PEAKS, 'Whip the $1to $2'),
      ),
    )
    // "whip 8 min. 6. Fold in the nuts": the number of a step
    .filter((s) => !/^\d{1,2}$/.test(s))
    .flatMap(inPieces)
    .flatMap(apart)
