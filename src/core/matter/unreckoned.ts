/** What sweetens and is no sugar: it boils, browns and sets by laws of its own, and nothing here reckons with those. */

const NO_SUGARS =
  /\b(?:allulose|(?:artificial |liquid )?sweeteners?|erythritol|glycer(?:ine?|ol)|inulin|isomaltulose|isomalt|lactitol|maltitol|mannitol|monk ?fruit|polydextrose|polyols?|propylene glycol|psicose|saccharin|sorbitol|stevia|sucralose|sugar[- ](?:substitute|replacer)|tagatose|trehalose|xylitol)\b|\bsugar[- ]free\b.*\bsyrup\b/i

/** Whether something that is in no pantry is called a sugar alcohol, a rare sugar or a sweetener. */
export const isUnreckoned = (name: string): boolean => NO_SUGARS.test(name)
