/** What the overlay on `?` says of each key. */

export interface KeySaid {
  /** As it stands on the keyboard. */
  readonly cap: string
  readonly place: 'Everywhere' | 'Stove' | 'Writing' | 'Getting ready' | 'Side by side'
  readonly does: string
}

export const keyWords = {
  help: { cap: '?', place: 'Everywhere', does: 'Shows these keys' },
  act: { cap: 'Space', place: 'Stove', does: 'Logs what the lemon panel asks for' },
  test: { cap: 'D', place: 'Stove', does: 'A drop, a sign, the colour' },
  heat: { cap: 'H', place: 'Stove', does: 'Sets the heat' },
  hotter: { cap: '↑', place: 'Stove', does: 'One step more heat' },
  cooler: { cap: '↓', place: 'Stove', does: 'One step less heat' },
  reading: { cap: 'T', place: 'Stove', does: 'Types a temperature' },
  lay: { cap: 'F', place: 'Stove', does: 'Lays what was poured somewhere else' },
  keep: { cap: 'K', place: 'Stove', does: 'How it keeps in this room' },
  count: { cap: 'C', place: 'Stove', does: 'Counts the pieces' },
  note: { cap: 'N', place: 'Stove', does: 'A note, or the end of the boil' },
  undo: { cap: 'U', place: 'Stove', does: 'Takes the last act back' },
  log: { cap: 'L', place: 'Stove', does: 'Corrects the log' },
  mute: { cap: 'M', place: 'Stove', does: 'Silences the sound' },
  back: { cap: 'Esc', place: 'Stove', does: 'Back to the acts' },
  erase: { cap: '⌫', place: 'Stove', does: 'Takes a typed digit back' },
  enter: { cap: 'Enter', place: 'Stove', does: 'Logs the temperature that was typed' },
  'undo-change': { cap: 'Ctrl Z', place: 'Writing', does: 'Takes the last change back' },
  'redo-change': { cap: 'Ctrl ⇧ Z', place: 'Writing', does: 'Does it again' },
  sooner: { cap: '←', place: 'Side by side', does: 'Moves the curves on' },
  later: { cap: '→', place: 'Side by side', does: 'Moves them back' },
  closer: { cap: '+', place: 'Side by side', does: 'Looks closer' },
  farther: { cap: '−', place: 'Side by side', does: 'Looks from farther' },
} as const satisfies Record<string, KeySaid>

/** Keys whose meaning is the place in a list. */
export const digitWords: readonly KeySaid[] = [
  { cap: '1 … 6', place: 'Stove', does: 'What the drop shows; or turns to that pot' },
  { cap: '1 … 0', place: 'Getting ready', does: 'Ticks that line' },
  { cap: '0', place: 'Side by side', does: 'Shows all of it' },
]
