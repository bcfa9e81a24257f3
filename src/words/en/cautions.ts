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
}

export const firstAid: Caution = {
  short: 'Burned? Cool running water, 20 min',
  full: 'Cool running water for 20 minutes, at once. Take off rings and cloth that is not stuck. No ice, butter or cream. Get medical help if the burn is large, deep, blistering, or on the face or hands.',
}
