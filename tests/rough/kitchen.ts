/**
 * A rough kitchen: a pot on a ring that does what pots do in kitchens and not in books. It is here to judge what Imbry
 * foresees, so it imports nothing of Imbry's: boiling curve, heat capacities, burner and probe are its own.
 */

import { type Chance, chance, tamed, type Wandering, wandering } from './chance'
import { boils } from './curve'
import {
  type Fault,
  Kitchen,
  type KitchenOptions,
  Probe,
  type ProbeFacts,
  type Ring,
  type RoughFacts,
  type Stuff,
} from './pot'

/** Everything about one cook that nobody told. */
interface Hidden extends ProbeFacts {
  readonly ring: Ring
  readonly power: number
  readonly dialBend: number
  readonly followsS: number
  readonly cycleS: number
  readonly toSyrup: number
  readonly baseShare: number
  readonly loss: number
  readonly capacity: number
  readonly bend: number
  /** How much more than usual glucose syrup counts as sugar. */
  readonly syrupCounts: number
  readonly pascal: number
  readonly nutsS: number
}

/** J to melt a gram of dry sugar; it melts between these, °C. */
const MELT = { from: 160, to: 188, joules: 130, seconds: 50 }
const LID_RETURNS = 0.88
/** Water that does not leave, share of the sugars. */
const BOUND = 0.002

/** Between what it lies in the roughest kitchens. */
const RANGES = {
  power: [0.78, 1.18],
  dialBend: [0.85, 1.2],
  toSyrup: [800, 1900],
  baseShare: [0.3, 0.6],
  loss: [8, 17],
  capacity: [0.9, 1.1],
  bend: [-1.5, 1.5],
  syrupCounts: [-0.1, 0.1],
  nutsS: [20, 70],
  lagS: [3, 12],
  offC: [-0.1, 0.1],
} as const satisfies Partial<Record<keyof Hidden, readonly [number, number]>>
/** Pa by which the barometer may be out. */
const AIR = [-800, 800] as const
/** Standard deviation of what lies evenly between two bounds, as a share of the way between them. */
const EVEN_SD = 1 / Math.sqrt(12)
/** What else nobody knows who begins to look in the middle of a boil: share of each thing in the pot, °C of its base. */
const UNKNOWN = { share: 0.03, baseC: 5 }

function drawHidden(wild: Chance, pascal: number, ring: Ring, roughness: number): Hidden {
  const c = tamed(wild, roughness)
  return {
    ring,
    power: c.between(...RANGES.power),
    dialBend: c.between(...RANGES.dialBend),
    followsS: ring === 'plate' ? c.between(30, 70) : c.between(0.5, 3),
    cycleS: c.between(3, 8),
    toSyrup: c.between(...RANGES.toSyrup),
    baseShare: c.between(...RANGES.baseShare),
    loss: c.between(...RANGES.loss),
    capacity: c.between(...RANGES.capacity),
    bend: c.between(...RANGES.bend),
    syrupCounts: c.between(...RANGES.syrupCounts),
    pascal: pascal + c.between(...AIR),
    nutsS: c.between(...RANGES.nutsS),
    lagS: c.between(...RANGES.lagS),
    noiseC: wild.between(0.1, 0.1 + 0.5 * roughness),
    stepC: c.oneOf([0.1, 0.1, 0.5, 1]),
    offC: c.between(...RANGES.offC),
    every: c.oneOf([1, 1, 1, 2]),
    dropShare: wild.between(0, 0.05 * roughness),
  }
}

export class RoughKitchen extends Kitchen {
  private crystals = 0
  private watts = 0
  private flame: Wandering
  private draught: Wandering
  private readonly hidden: Hidden

  constructor(
    facts: RoughFacts,
    seed: number,
    ring: Ring,
    fault?: Fault,
    { kitchen = seed, amiss = {}, roughness = 1 }: KitchenOptions = {},
  ) {
    super(facts, fault)
    const drawn = drawHidden(chance(kitchen, 1), facts.pascal, ring, roughness)
    this.hidden = {
      ...drawn,
      power: drawn.power * (amiss.power ?? 1),
      offC: drawn.offC + (amiss.readsMore ?? 0),
    }
    const c = chance(seed, 2)
    this.flame =
      ring === 'gas' ? wandering(0.045 * roughness, c.between(120, 300), c) : wandering(0.015 * roughness, 120, c)
    this.draught = wandering(0.3 * roughness, 40, c)
  }

  get probeFacts(): Hidden {
    return this.hidden
  }

  override add(more: Stuff, celsius: number): void {
    super.add(more, celsius)
    const dissolves = this.stuff.water > 0.02 * this.stuff.sugar
    this.crystals = dissolves ? 0 : this.crystals + more.sugar
  }

  leftAlone(): RoughKitchen {
    const copy: RoughKitchen = Object.assign(Object.create(RoughKitchen.prototype), this)
    copy.stuff = { ...this.stuff }
    copy.flame = this.flame.calm()
    copy.draught = this.draught.calm()
    return copy
  }

  /** The same kitchen from now on, disturbed otherwise. */
  disturbed(c: Chance): RoughKitchen {
    const copy = this.leftAlone()
    copy.flame = this.flame.anew(c)
    copy.draught = this.draught.anew(c)
    return copy
  }

  /** The same kitchen, calm, one thing that nobody knows of it a standard deviation otherwise: a kitchen for each. */
  others(roughness: number): RoughKitchen[] {
    const otherwise = (change: (copy: RoughKitchen) => void) => {
      const copy = this.leftAlone()
      change(copy)
      return copy
    }
    const hidden = (more: Partial<Hidden>) =>
      otherwise((copy) => Object.assign(copy, { hidden: { ...this.hidden, ...more } }))
    return [
      ...(Object.keys(RANGES) as (keyof typeof RANGES)[]).map((k) =>
        hidden({ [k]: this.hidden[k] + roughness * EVEN_SD * (RANGES[k][1] - RANGES[k][0]) }),
      ),
      hidden({ pascal: this.hidden.pascal + roughness * EVEN_SD * (AIR[1] - AIR[0]) }),
      ...(Object.keys(this.stuff) as (keyof Stuff)[]).map((k) =>
        otherwise((copy) => {
          copy.stuff[k] *= 1 + UNKNOWN.share
        }),
      ),
      otherwise((copy) => {
        copy.baseC += UNKNOWN.baseC
      }),
    ]
  }

  tick(): void {
    for (let i = 0; i < 2; i++) this.step(0.5)
  }

  protected capacity(): number {
    const { water, sugar, syrup, mono, fat, protein } = this.stuff
    return this.hidden.capacity * (4.2 * water + 1.72 * (sugar + syrup + mono) + 2.25 * fat + 2.05 * protein)
  }

  private burner(dt: number): number {
    const { ring, power, dialBend, followsS, cycleS } = this.hidden
    const share = this.onRing ? (this.dial / 10) ** dialBend : 0
    const full = this.facts.watts * power * (1 + this.flame(dt))
    const cycles = ring === 'induction' && share < 0.7
    // s of its cycles it was on: a step is no whole part of a cycle, and what it leaves over would wander for minutes
    const on = (until: number) => share * cycleS * Math.floor(until / cycleS) + Math.min(share * cycleS, until % cycleS)
    const wanted = cycles ? (full * (on(this.at + dt) - on(this.at))) / dt : full * share
    this.watts = this.onRing ? this.watts + (wanted - this.watts) * (1 - Math.exp(-dt / followsS)) : 0
    return this.watts * this.wrong
  }

  private step(dt: number): void {
    const { toSyrup, baseShare, loss, nutsS } = this.hidden
    const { diameterM, heightM, metalJ, roomC } = this.facts
    const area = (Math.PI * diameterM ** 2) / 4
    const open = area * (this.lid ? 0.5 : 1) + Math.PI * diameterM * heightM * 0.5
    const metal = metalJ * baseShare
    const k = toSyrup * area
    const given = k * (this.baseC - this.celsius)
    this.baseC += (dt * (this.burner(dt) - given - 6 * area * (this.baseC - roomC))) / (metal + 0.5 * dt * k)
    const lost = loss * open * (1 + Math.max(-0.8, this.draught(dt))) * (this.celsius - roomC)
    const intoNuts = this.stuff.nuts > 0 ? (1.9 * this.stuff.nuts * (this.celsius - this.nutsC)) / nutsS : 0
    if (this.stuff.nuts > 0) this.nutsC += (dt * (this.celsius - this.nutsC)) / nutsS
    this.at += dt
    if (this.grams() === 0) this.celsius = roomC
    else this.warm((given - lost - intoNuts) * dt, dt)
  }

  private boilsAt(water: number): number {
    const { sugar, syrup, mono } = this.stuff
    const { syrupCounts, bend, pascal } = this.hidden
    // of two syrups boiling alike, the one of long chains holds less water, the drier the more so
    const counts = 0.476 - 0.25 * Math.log((sugar + syrup + mono) / Math.max(0.01, water) / 8.96) + syrupCounts
    const solids = sugar + Math.min(0.8, Math.max(0.05, counts)) * syrup + 1.7 * mono
    return boils(solids, water, pascal, bend)
  }

  private warm(joules: number, dt: number): void {
    const { stuff } = this
    const capacity = this.capacity()
    if (this.crystals > 0) {
      const eager = Math.min(1.5, Math.max(0, (this.celsius - MELT.from) / (MELT.to - MELT.from)))
      const melted = Math.min(this.crystals, (this.crystals + 20) * eager * (dt / MELT.seconds))
      this.crystals -= melted
      this.celsius += (joules - melted * MELT.joules) / capacity
      return
    }
    const free = stuff.water - BOUND * (stuff.sugar + stuff.syrup + stuff.mono)
    const limit = free > 0.01 ? this.boilsAt(stuff.water) : Number.POSITIVE_INFINITY
    const spare = joules + capacity * (this.celsius - limit)
    this.boiling = spare > 0
    if (!this.boiling) {
      this.celsius += joules / capacity
      return
    }
    const latent = 2257 - 2.4 * (limit - 100)
    const gone = this.lid ? 1 - LID_RETURNS : 1
    const perGram = (this.boilsAt(stuff.water - 0.05) - limit) / 0.05
    const steam = Math.min(free, spare / (latent + gone * capacity * perGram))
    stuff.water -= gone * steam
    this.celsius = limit + (spare - steam * latent) / capacity
  }
}

/** °C at the tip a second later, where it feels `felt`. */
export const tipAfter = (tip: number, felt: number, lagS: number): number =>
  tip + (felt - tip) * (1 - Math.exp(-1 / lagS))

/** °C that a tip out of the syrup feels. */
const OUT_C = 70

export class RoughProbe extends Probe {
  constructor(kitchen: RoughKitchen, seed: number, fault?: Fault) {
    super(kitchen, chance(seed, 3), OUT_C, fault)
  }

  protected feel(felt: number): void {
    this.tip = tipAfter(this.tip, felt, this.kitchen.probeFacts.lagS)
  }

  protected unrounded(): number {
    const { noiseC, offC } = this.kitchen.probeFacts
    return this.tip + offC + noiseC * this.c.normal()
  }
}
