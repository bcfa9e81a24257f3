/** What can hurt, said at the moment it can. */
import type { CautionId } from '@/core'

export interface Caution {
  readonly short: string
  readonly full: string
}

export const cautions: Readonly<Record<CautionId, Caution>> = {
  hotSugar: {
    short: 'Hot sugar sticks and keeps burning',
    full: 'Long sleeves, ice water beside the stove, no children or pets near. Never taste or touch from the pot.',
  },
  steam: {
    short: 'Stand back: steam and spitting',
    full: 'Long spoon, slow stream, face back. Cream, butter, juice or water into hot sugar throws steam.',
  },
  foam: { short: 'Soda foams up', full: 'Use a pot with plenty of room, stir it in quickly, then stop.' },
  rawEgg: {
    short: 'Raw egg white',
    full: 'The syrup may not heat all of it through. For sale, follow your local food code; pasteurised white is the usual answer.',
  },
  unattended: {
    short: 'Do not leave the pot',
    full: 'The last degrees take seconds. If it smokes, take it off and stop.',
  },
  hotForming: {
    short: 'Hot in the hand: gloves, greased',
    full: 'Two pairs of gloves or one of rubber over cotton, greased. Hot sugar sticks to skin. No children at this work.',
  },
  mixer: {
    short: 'Hot bowl, running whisk',
    full: 'Pour down the side, clear of the whisk: it throws hot syrup. Stop the mixer before a spoon or a finger goes in; the bowl is hot outside too.',
  },
  hotKnife: {
    short: 'Mind the blade',
    full: 'Press straight down and keep the fingers behind the blade. A blade out of hot water is hot to its handle; dry it first.',
  },
  shards: {
    short: 'Edges as sharp as glass',
    full: 'Break it under paper or a cloth, away from the face. Sweep the splinters up: they cut feet and crowns.',
  },
  sharedBoards: {
    short: 'Nuts stay on the board',
    full: 'Whatever touches this board, blade or sieve next has traces of it. Wash before a sweet without, and say so on the label.',
  },
  sticks: {
    short: 'Sticks: not for small children',
    full: 'A stick and a hard sweet can choke. Not under four, and no running with one in the mouth.',
  },
  coldStone: {
    short: 'Glass and cold stone do not go together',
    full: 'A hot glass dish on a cold slab, or a cold one under hot sugar, can burst. Metal, or warm the glass first.',
  },
  oven: {
    short: 'Hot tray out of the oven',
    full: 'Dry cloths, a clear place to put it down, and sugar on it runs: carry it level.',
  },
}

export const firstAid: Caution = {
  short: 'Burned? Cool running water, 20 min',
  full: 'Cool running water for 20 minutes, at once. Take off rings and cloth that is not stuck. No ice, butter or cream. Get medical help if the burn is large, deep, blistering, or on the face or hands.',
}
