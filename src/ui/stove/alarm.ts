/** Sounds for three levels, told apart with eyes shut: two soft notes for soon, three rising for now, a pulse for danger. */

export type AlarmLevel = 'soon' | 'now' | 'danger'

interface Note {
  readonly at: number
  readonly hertz: number
  readonly seconds: number
}

const tunes: Readonly<Record<AlarmLevel, { readonly loud: number; readonly notes: readonly Note[] }>> = {
  soon: {
    loud: 0.12,
    notes: [
      { at: 0, hertz: 523, seconds: 0.18 },
      { at: 0.24, hertz: 523, seconds: 0.24 },
    ],
  },
  now: {
    loud: 0.25,
    notes: [
      { at: 0, hertz: 587, seconds: 0.16 },
      { at: 0.18, hertz: 740, seconds: 0.16 },
      { at: 0.36, hertz: 988, seconds: 0.36 },
    ],
  },
  danger: {
    loud: 0.35,
    notes: Array.from({ length: 6 }, (_, i) => ({ at: i * 0.2, hertz: i % 2 === 0 ? 880 : 660, seconds: 0.16 })),
  },
}

let context: AudioContext | null = null

/** Browsers let a page sound only once it has been touched: call this from a touch or a key. */
export function wakeSound(): void {
  if (typeof AudioContext === 'undefined') return
  context ??= new AudioContext()
  if (context.state === 'suspended') void context.resume()
}

/** Plays the tune of a level; silently does nothing where there is no sound. */
export function play(level: AlarmLevel): void {
  if (context?.state !== 'running') return
  const { loud, notes } = tunes[level]
  for (const { at, hertz, seconds } of notes) {
    const tone = context.createOscillator()
    const gain = context.createGain()
    const from = context.currentTime + at
    tone.frequency.value = hertz
    gain.gain.setValueAtTime(0, from)
    gain.gain.linearRampToValueAtTime(loud, from + 0.02)
    gain.gain.linearRampToValueAtTime(0, from + seconds)
    tone.connect(gain).connect(context.destination)
    tone.start(from)
    tone.stop(from + seconds + 0.02)
  }
}

/** Says it aloud where the browser has a voice. */
export function speak(text: string): void {
  if (typeof speechSynthesis === 'undefined') return
  speechSynthesis.cancel()
  speechSynthesis.speak(new SpeechSynthesisUtterance(text))
}
