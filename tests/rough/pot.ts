/**
 * What every rough kitchen has to do with, whatever its physics: a pot that hands fill, cover and lift, and a display that is rounded, silent now
 * and then, and once spattered. It imports nothing of Imbry's.
 */
import type { Chance } from './chance'

/** Grams of what a rough kitchen tells apart. */
export interface Stuff {
  readonly water: number
  /** Sucrose and lactose; glucose syrup's solids; single sugars. */
  readonly sugar: number
  readonly syrup: number
  readonly mono: number
  readonly fat: number
  readonly protein: number
  readonly nuts: number
}

export interface RoughFacts {
  /** Rated power times what should reach the pot, W. */
  readonly watts: number
  readonly diameterM: number
  readonly heightM: number
  readonly metalJ: number
  readonly roomC: number
  readonly pascal: number
}

/** What went wrong, from `at` seconds on. */
export interface Fault {
  readonly kind: 'heat' | 'out' | 'metal'
  readonly at: number
  /** Heat: times what it was. Metal: how much of the base the tip feels. */
  readonly by: number
}

export type Ring = 'gas' | 'induction' | 'plate'

/** What is not as it was: times its power, °C its probe reads too much, times the sugar that was meant. */
export interface Amiss {
  readonly power?: number
  readonly readsMore?: number
  readonly sugar?: number
}

export interface KitchenOptions {
  /** The kitchen it stands in, where that is met again on another day; what is not as it was there; how rough it is. */
  readonly kitchen?: number
  readonly amiss?: Amiss
  readonly roughness?: number
}

/** What a display does to what its probe feels. */
export interface ProbeFacts {
  readonly lagS: number
  readonly noiseC: number
  readonly stepC: number
  readonly offC: number
  readonly every: number
  readonly dropShare: number
}

const nothing: Stuff = { water: 0, sugar: 0, syrup: 0, mono: 0, fat: 0, protein: 0, nuts: 0 }

/** A pot on its ring, as hands and eyes have to do with it. */
export abstract class Kitchen {
  at = 0
  celsius: number
  baseC: number
  boiling = false
  protected stuff: { -readonly [K in keyof Stuff]: Stuff[K] } = { ...nothing }
  protected nutsC: number
  protected dial = 0
  protected lid = false
  protected onRing = true

  constructor(
    protected readonly facts: RoughFacts,
    protected readonly fault: Fault | undefined,
  ) {
    this.celsius = this.baseC = this.nutsC = facts.roomC
  }

  abstract get probeFacts(): ProbeFacts
  /** One second goes by. */
  abstract tick(): void
  /** The same kitchen, where what disturbs it only dies down from what it is now. */
  abstract leftAlone(): Kitchen
  /** J/K of all but the nuts. */
  protected abstract capacity(): number

  /** What is in it now. */
  get holds(): Stuff {
    return { ...this.stuff }
  }
  turn(dial: number): void {
    this.dial = dial
  }
  cover(on: boolean): void {
    this.lid = on
  }
  lift(): void {
    this.onRing = false
  }

  /** Something goes in at `celsius`. Nuts keep their own warmth for a while. */
  add(more: Stuff, celsius: number): void {
    const wasEmpty = this.grams() === 0
    const before = this.capacity()
    if (more.nuts > 0) {
      const [a, b] = [this.stuff.nuts, more.nuts]
      this.nutsC = (a * this.nutsC + b * celsius) / (a + b)
    }
    for (const k of Object.keys(more) as (keyof Stuff)[]) this.stuff[k] += more[k]
    const after = this.capacity()
    this.celsius = wasEmpty ? celsius : (before * this.celsius + (after - before) * celsius) / after
  }

  /** How hot it would get if it came off now, °C: tried on a copy that nothing disturbs. */
  peakIfLifted(): number {
    const copy = this.leftAlone()
    copy.lift()
    let peak = copy.celsius
    for (let s = 0; s < 120 && copy.celsius > peak - 0.05; s++) {
      copy.tick()
      peak = Math.max(peak, copy.celsius)
    }
    return peak
  }

  protected grams(): number {
    let sum = 0
    for (const k in this.stuff) sum += this.stuff[k as keyof Stuff]
    return sum
  }

  /** Times the heat there should be. */
  protected get wrong(): number {
    return this.fault?.kind === 'heat' && this.at >= this.fault.at ? this.fault.by : 1
  }
}

/** The probe in it: late, scattered, rounded, silent now and then, once spattered. */
export abstract class Probe {
  /** What the tip is at, before scatter and rounding. */
  tip: number
  protected readonly c: Chance
  private readonly spatterAt: number
  private readonly spatterBy: number
  private readonly silent: readonly [number, number]

  constructor(
    protected readonly kitchen: Kitchen,
    c: Chance,
    private readonly outC: number,
    private readonly fault?: Fault,
  ) {
    this.c = c
    this.tip = kitchen.celsius
    this.spatterAt = c.happens(0.6) ? Math.round(c.between(300, 1800)) : -1
    this.spatterBy = c.between(4, 25) * (c.happens(0.5) ? 1 : -1)
    const from = c.happens(0.2) ? c.between(200, 1500) : -100
    this.silent = [from, from + c.between(8, 60)]
  }

  /** Moves the tip on by a second in what is `felt`, °C. */
  protected abstract feel(felt: number): void
  /** What it shows but for rounding: the tip, and what it errs by. */
  protected abstract unrounded(): number

  /** What it shows after one more second; null where nothing comes. */
  read(): number | null {
    const { stepC, every, dropShare } = this.kitchen.probeFacts
    const { at, celsius, baseC } = this.kitchen
    const wrong = this.fault !== undefined && at >= this.fault.at ? this.fault.kind : null
    const metal = celsius + (this.fault?.by ?? 0) * (baseC - celsius)
    this.feel(wrong === 'out' ? this.outC : wrong === 'metal' ? metal : celsius)
    const unrounded = this.unrounded()
    const lost = this.c.happens(dropShare)
    const spattered = Math.abs(at - this.spatterAt) < every / 2 ? this.spatterBy : 0
    if (Math.round(at) % every !== 0 || lost || (at >= this.silent[0] && at <= this.silent[1])) return null
    return Math.round(Math.round((unrounded + spattered) / stepC) * stepC * 100) / 100
  }
}
