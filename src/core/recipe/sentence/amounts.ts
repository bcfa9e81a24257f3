/** How an amount is written within a sentence, as the sources of patterns: what it comes to is read as in a list. */
import { NUMBER, PARTS_SAID } from '../../quantity/number'

/** "And a half", "and 1/2": what a number can have after it. */
const AND_PART = '\\s*(?:and|&|-)\\s*(?:(?:an?|one)[ -](?:half|quarter|third)|half|\\d\\s*/\\s*\\d|[¼½¾⅓⅔⅛])'
/** "Two thirds of a", "three quarters of a", "1 and 1/2", "2 to 3": how many. */
export const COUNT = `(?:a few|(?:an?|one|two|three)[ -](?:thirds?|quarters?|fourths?|half)(?: of an?)?|${PARTS_SAID}(?: of an?)?|(?:\\d{1,2}|an?|one|two|three|four|five|six|seven|eight|nine|ten)${AND_PART}|${NUMBER}(?:\\s*(?:-|–|to|or)\\s*${NUMBER})?)`
export const SIZE =
  '(?:(?:(?:firmly |lightly |well )?packed|generous|good|heaped|heaping|large|level|rounded|scant|small) )?'
/** In what: by the spoon, the cup, the scale, or as it is sold. */
export const UNIT = String.raw`(?:tsps?|tbsps?|tblsps?|tbs?(?=\.?\s)|(?<=[\d½¼¾⅓⅔]\s?)(?<!\d{2}\s?)[ct](?=\.?\s)|(?:tea|table|dessert)spoon(?:ful)?s?|cups?(?:ful)?|k?g|gms?|gr|(?:kilo)?grams?|kilos?|[cdm]?ls?|(?:centi|deci|milli)?lit(?:re|er)s?|handfuls?|lbs?|pounds?|pints?|pts?|quarts?|qts?|gallons?|gills?|oz|ounces?|pinch(?:es)?|dash(?:es)?|sticks?(?! blender)|(?:\(?(?:\d+(?:[.,]\d+)?(?:[ -]\d\/\d)?|\d\/\d)[ -]?(?:g|ml|oz|ounces?)\.?\)?[ -])?(?:bags?|bars?|cans?|cartons?|envelopes?|jars?|packets?|packages?|sachets?|tins?|tubs?)|drops?|(?:leaf|leaves|sheets?)(?= (?:of )?(?:\w+ )?gelatine?\b)|(?=(?:vanilla (?:pod|bean)|egg white|cinnamon stick|star anise)s?\b))`
/** A whole amount but for what may follow: "7-ounce", "half a cup", "pinch". */
export const AMOUNT = String.raw`(?:${COUNT}[\s-]*${SIZE}${UNIT}|pinch|dash)`
/** "1 lb 4 oz", "1 cup and 2 tbsp", "1 cup (240 ml)", "1 cup/240 ml": what may follow, of the same. */
export const AND_MORE = String.raw`(?:\s+and\s+a\s+(?:half|quarter)\b|\s*\([^()]{2,30}\)|(?:\s*/\s*|\s+(?:(?:plus|and|\+|&|less|minus)\s+)?)${COUNT}\s*${SIZE}${UNIT}\b)`
