/** A line of a list with what people shorten, turn round or say twice put as lines are mostly written. */

/** Signs and gaps first, for what follows reads them. */
const SIGNS: readonly (readonly [said: RegExp, written: string])[] = [
  // "1/4 tsp almond": no nut is measured so.
  [/^([\d¼½¾⅓⅔][\d/ ¼½¾⅓⅔]*\s?(?:tsps?|teaspoons?|t|drops?)\.?\s+(?:of\s+)?)almond$/i, '$1almond extract'],
  [/\bhalf[-\s](?:and|&)[-\s]half\b/gi, 'halfandhalf'],
  [/[\u2010-\u2015]/g, '–'],
  [/[\u00a0\u2009\u202f]/g, ' '],
  [/\s+/g, ' '],
]

const SPELLED: readonly (readonly [said: RegExp, written: string])[] = [
  [/^(?:[-–*•·▢□]|\[[ x]?\])\s+/i, ''],
  // "8 oz sugar -- she used granulated"
  [/^([\d¼½¾⅓⅔][^,–]*\p{L})\s+(?:--|–)\s+(?=\p{Ll})/u, '$1, '],
  // "1 tsp soda", "soda 8 g": what is weighed so finely is no drink
  [
    /^((?:(?:[\d¼½¾⅓⅔][\d\s/.,¼½¾⅓⅔-]*|a )(?:g|teaspoons?|tsps?|t)|(?:a |1 )?pinch|half a teaspoon)\.?(?: of)?) soda(?=$|[\s,(])(?! water)/i,
    '$1 baking soda',
  ],
  [/^soda(?=:? \d{1,3}(?:[.,]\d+)? ?(?:g|tsps?)\b)/i, 'baking soda'],
  // "half a gill of rum": a quarter of a pint is one, whichever pint that is
  [/\b(?:1 1\/2|1 ?½) ((?:u[ks]|imperial) )?gills?\b/i, '3/8 $1pint'],
  [/(?:\b(?:1\/2|half an?)|½) ((?:u[ks]|imperial) )?gill\b/i, '1/8 $1pint'],
  [/\b(?:1|an?|one) ((?:u[ks]|imperial) )?gill\b/i, '1/4 $1pint'],
  [/\b(?:2|two) ((?:u[ks]|imperial) )?gills\b/i, '1/2 $1pint'],
  [/\b(?:3|three) ((?:u[ks]|imperial) )?gills\b/i, '3/4 $1pint'],
  [/\bdbl\b\.?(?= cream)/i, 'double'],
  // "54 % dark couverture"
  [/\b(dark|milk|white) couverture\b/i, '$1 chocolate'],
  // "14 oz condensed milk 1 can"
  [/^(\d[\d.,/ ]*(?:g|ml|oz|ounces?)\b\.? [^,;\d]{3,60}) (?:1|one) (?:can|jar|packet|tin)$/i, '$1'],
  // "(optional) 50 g walnuts", "at least 300 g cream"
  [/^(?:\(optional\)|optional:) ([\d¼½¾⅓⅔].*)$/i, '$1, optional'],
  [/^at least (?=[\d¼½¾⅓⅔])/i, ''],
  // "gelatine 200bl"
  [/\b(\d{3}) ?bl\b\.?/i, '$1 bloom'],
  // "glucose syrup DE 60 100 g"
  [/\bD\.?E\.? ?(\d{2})(?= \d)/i, '$1 DE'],
  [/\balbumen, fresh\b/i, 'fresh albumen'],
  // "butter the size of a walnut": how much that is, is asked
  [
    /^(?:(?:an? )?(?:good |small )?(?:piece|lump) of )?(butter|lard) (?:(?:the )?size of|as (?:big|large) as) an? [\p{L} ]+$/iu,
    'lump of $1',
  ],
  // "a walnut of butter", "a walnut-sized lump of butter"
  [/^an? (?:egg|hazelnut|walnut)(?:[- ]sized?)?(?: (?:knob|lump|piece))? of (butter|lard)\b/i, 'lump of $1'],
  // "gelatine leaf 1 (2 g)"
  [/^(gelatine?) (leaf|leaves|sheets?):? (\d{1,2})(?=$| \(|,)/i, '$3 $2 $1'],
  // "20 g gelatine leaves (about 10)": how many that are
  [
    /^(\d[\d.,]* ?(?:k?g|oz|ounces?) .*\b(?:leaves|sheets|sticks|eggs|whites?|yolks?|pods|beans)) \((?:about |approx\.? |~ ?)?(?:\d{1,3}|\d{0,2} ?(?:1\/2|½))(?: (?:large |medium |small )?(?:eggs?|leaves|sheets|whites?|yolks?))?\)$/i,
    '$1',
  ],
  // "400 g toasted, chopped pecans", "peanuts roasted and skinned 250 g"
  [
    /(?<=^[\d¼½¾⅓⅔].*)\b(blanched|chopped|melted|peeled|roasted|shelled|sliced|softened|toasted), (?=(?:\p{L}+ )?\p{L}{3,}$)/iu,
    '$1 ',
  ],
  [
    /\b(blanched|chopped|peeled|roasted|shelled|sliced|toasted) (?:and|&) (?=(?:blanched|chopped|peeled|salted|shelled|skinned|sliced)\b)/i,
    '$1 ',
  ],
  // "Ghee – 2 tsp + for greasing"
  [
    /^(\p{L}.*\d.*?),? (?:\+|plus)(?: (?:extra|more|some))? for (?:brushing|dusting|greasing|rolling|the (?:pan|tin|tray))$/iu,
    '$1',
  ],
  // "Flavour: blackcurrant 3 ml"
  [/^(flavou?r|colou?r)(?:ing)?: (\p{L}[\p{L} ]{2,20}?) (?=\d)/iu, '$2 $1 '],
  // "Cream 35 180 g", "100 g milk chocolate 36": a share of fat or cocoa, as kitchens note it, and no thousands.
  [/\b(cream|butter|chocolate|couverture) ([1-9]\d)(?=$|\s*[,(]| \d{2,4} ?(?:k?g|ml)\b)/i, '$1 $2%'],
  // "Glucose 60 150 g"
  [/\b(glucose(?: syrup)?) ([2-9]\d)(?=$|\s*[,(]| \d{2,4} ?(?:k?g|ml)\b)/i, '$1 $2 DE'],
  // "1 250 g": a gap before three figures, with a gap after them too; "1 397g can" is one of them, and is left as it is.
  [
    /\b(\d{1,3}) (?=\d{3}(?: \d{3})* (?!\w+\.? (?:tins?|cans?|packets?|packages?|sachets?|jars?|bags?|bars?|box|bottles?|tubs?|cartons?|blocks?)\b)[a-z])/gi,
    '$1',
  ],
  // "35 % cream 500 g"
  [/^(\d{1,2}(?:[.,]\d)?) ?% (\p{L}[\p{L} ]{2,30}?)(?=[\s:–]+\d)/iu, '$2 $1%'],
  [/^(?:the )?whites of (\d|one|two|three|four|five|six) (?:large |medium )?eggs?(?=$| \()/i, '$1 egg whites'],
  // "1/2 c. lt. corn syrup", "2 lg. egg whites"
  [/\blt\.? (?=(?:br(?:own|\.)|corn)\b)/i, 'light '],
  [/\blg\.? (?=eggs?\b)/i, 'large '],
  // "seeds of 1 vanilla bean"
  [/^(?:the )?seeds (?:of|from) (\d(?:\/\d)?|[¼½]|half an?|an?|one) (?=vanilla (?:bean|pod)s?$)/i, '$1 '],
  // "vanilla 1 pod", "vanilla – 1 pod, split", "vanilla beans: 4 pc"
  [/^(vanilla)(?:,|:| –)? (\d+|[½¼]|half) (pods?|beans?)(?=$|[,(]| \()/i, '$2 $1 $3'],
  [/^(\p{L}[\p{L} ]+?):?\s+(\d{1,2}) ?(?:pcs?|pieces?)\.?$/iu, '$2 $1'],
  // "1 lb sugar / 450 g": the same once more
  [/(\p{L}[\p{L})]+)\s+\/\s+(\d[\d.,\s/¼½¾⅓⅔]*\s*(?:k?g|[mc]?l|oz|lbs?|fl\.? ?oz)\.?)$/iu, '$1 ($2)'],
  // "crackers to cover a sheet"
  [/^(\p{L}[\p{L} -]+?) (to (?:cover|line) (?:an?|the|your) .*)$/iu, '$1, $2'],
  // "cocoa butter 40 g melted"
  [
    /^(\p{L}[\p{L} ]+ \d[\d.,]* ?(?:k?g|ml)) (chopped|cold|cooled|melted|roasted|sifted|softened|toasted|warm)$/iu,
    '$1, $2',
  ],
  // "1 1/2 cups sugar, about 12 ounces": the same once more
  [
    /^([\d¼½¾⅓⅔].*?),? (?:about|approx(?:imately|\.)?|roughly|~|≈) ?([\d¼½¾⅓⅔][\d./¼½¾⅓⅔ ]*(?:k?g|grams?|ml|oz|ounces?|lbs?|pounds?|cups?)\.?)$/i,
    '$1 ($2)',
  ],
  // "2 and 1/2 cups", "2 & a half cups", "1 pound, 4 ounces"
  [/^(\d{1,2}|two|three|four|five) ?(?:and|&|\+) ?(?=\d\s*\/\s*\d)/i, '$1 '],
  [/^(\w+) & (?=a half\b)/i, '$1 and '],
  [/^(\d+|one|two|three) (lbs?|pounds?), (?=[\d¼½¾ /]+ ?(?:oz|ounces?)\b)/i, '$1 $2 '],
  // "a cup and a half of sugar"
  [/^(?:an?|one) (\p{L}+) and an? half(?: of)? /iu, '1 1/2 $1 '],
  [/^(?:an?|one) (\p{L}+) and an? quarter(?: of)? /iu, '1 1/4 $1 '],
  // "half of a 14 oz can"
  [/^half (?:of )?an? (?=[\d.]+[ -]?(?:g|oz|ounce|ml)\b)/i, '½ '],
  // "2-1/2 cups"
  [/(?<![\d/.])(\d{1,2})-(?=\d\s*\/\s*\d)/g, '$1 '],
  // ".5 cup"; "1.000 g" is a kilogram
  [/(?<![\d.,])\.(?=\d)/g, '0.'],
  [/\b([1-9]\d{0,2})\.000(?=\s*(?:g|ml|grams?|millilit\w*)\b)/gi, '$1000'],
  [/(\d),(?=\d{3}(?!\d)\s*(?:g|ml|grams?|millilit))/gi, '$1'],
]

/** A line as it is mostly written: "8 oz sugar -- granulated" as "8 oz sugar, granulated". In the order of the rows, each on what those before it left. */
export const written = (line: string): string =>
  SPELLED.reduce(
    (text, [said, whole]) => text.replace(said, whole),
    SIGNS.reduce((text, [said, sign]) => text.replace(said, sign), line).trim(),
  )
