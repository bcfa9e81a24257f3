/** What to do about what can hurt: on paper, in panels, before the heat goes on. */
import type { CautionId } from '@/core'

export const cautionsInFull: Readonly<Record<CautionId, string>> = {
  hotSugar: 'Long sleeves, ice water beside the stove, no children or pets near. Never taste or touch from the pot.',
  steam: 'Long spoon, slow stream, face back. Cream, butter, juice or water into hot sugar throws steam.',
  foam: 'Use a pot with plenty of room, stir it in quickly, then stop.',
  rawEgg:
    'The syrup may not heat all of it through. For sale, follow your local food code; pasteurised white is the usual answer.',
  unattended: 'The last degrees take seconds. If it smokes, take it off and stop.',
  hotForming:
    'Two pairs of gloves or one of rubber over cotton, greased. Hot sugar sticks to skin. No children at this work.',
  mixer:
    'Pour down the side, clear of the whisk: it throws hot syrup. Stop the mixer before a spoon or a finger goes in; the bowl is hot outside too.',
  hotKnife:
    'Press straight down and keep the fingers behind the blade. A blade out of hot water is hot to its handle; dry it first.',
  shards: 'Break it under paper or a cloth, away from the face. Sweep the splinters up: they cut feet and crowns.',
  sharedBoards:
    'Whatever touches this board, blade or sieve next has traces of it. Wash them before you make a sweet without it, and say so on the label.',
  sticks: 'A stick and a hard sweet can choke. Not under four, and no running with one in the mouth.',
  coldStone:
    'A hot glass dish on a cold slab, or a cold one under hot sugar, can burst. Metal, or warm the glass first.',
  oven: 'Use dry cloths, clear a place to put it down, and carry it level: hot sugar runs.',
}

export const firstAidInFull =
  'Cool running water for 20 minutes, at once. Take off rings and cloth that is not stuck. No ice, butter or cream. Get medical help if the burn is large, deep, blistering, or on the face or hands.'
