/**
 * A kitchen of another make than `kitchen.ts`, for what is right in one rough kitchen may only have been fitted to it. Here the wall of the pot
 * warms along, sugar takes its time to dissolve, a face steams below the boil, a syrup boils a little above where it should by how
 * hard it is heated, a hot plate clicks on and off, the gas changes by jumps, gusts come and go, a probe has a sheath and wanders.
 * It imports nothing of Imbry's, and shares no physics with the other.
 */
import { type Chance, chance, tamed } from './chance'
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
  readonly clicksS: number
  /** Share of the metal in the wall, and of the wall that the syrup wets. */
  readonly wallShare: number
  /** W/m²K: through the base, to the syrup, to the wall; from the wall and the face to the room. */
  readonly through: number
  readonly toSyrup: number
  readonly toWall: number
  readonly wallLoses: number
  readonly faceLoses: number
  /** m/s at which steam leaves the face. */
  readonly steams: number
  /** °C above where it should boil, at 10 kW/m². */
  readonly hotter: number
  readonly capacity: number
  /** °C and share by which it boils off the published curve; glucose syrup's particles, as a share. */
  readonly boilsOff: number
  readonly boilsMore: number
  readonly particles: number
  readonly pascal: number
  readonly dissolvesS: number
  readonly nutsS: number
  readonly meltJ: number
  /** Share of the delay in the sheath, and of the heat that is lost along the stem. */
  readonly sheath: number
  readonly stem: number
}

/** °C in which dry sugar melts, and s. */
const MELTS = { from: 158, over: 22, seconds: 60 }
const WET_WALL = 0.6
const SIDE_TOUCHED = 0.35
const LID = { returns: 0.9, loses: 0.3, steams: 0.1 }
const BOUND = 0.001
/** Fat that is solid, its share, where it melts, J/g and s. */
const FAT = { solid: 0.6, melts: 30, joules: 85, seconds: 25 }
/** g/mol */
const MOLAR = { water: 18.015, sugar: 342.3, syrup: 429, mono: 180.16 }

function drawHidden(wild: Chance, pascal: number, ring: Ring, roughness: number): Hidden {
  const c = tamed(wild, roughness)
  return {
    ring,
    power: c.between(0.76, 1.2),
    dialBend: c.between(0.85, 1.2),
    followsS: ring === 'plate' ? c.between(25, 60) : c.between(0.5, 3),
    clicksS: ring === 'plate' ? c.between(12, 40) : 4,
    wallShare: c.between(0.3, 0.5),
    through: c.between(2500, 6000),
    toSyrup: c.between(700, 2000),
    toWall: c.between(150, 500),
    wallLoses: c.between(8, 16),
    faceLoses: c.between(8, 14),
    steams: c.between(0.0015, 0.005),
    hotter: c.between(0.1, 0.8),
    capacity: c.between(0.9, 1.1),
    boilsOff: c.between(-1.5, 1.5),
    boilsMore: c.between(-0.035, 0.035),
    particles: c.between(0.8, 1.2),
    pascal: pascal + 100 * c.between(-8, 8),
    dissolvesS: c.between(40, 160),
    nutsS: c.between(15, 80),
    meltJ: c.between(110, 150),
    lagS: c.between(3, 12),
    sheath: c.between(0.1, 0.5),
    stem: c.between(0, 0.004),
    noiseC: wild.between(0.1, 0.1 + 0.5 * roughness),
    stepC: c.oneOf([0.1, 0.1, 0.5, 1]),
    offC: c.between(-0.1, 0.1),
    every: c.oneOf([1, 1, 1, 2]),
    dropShare: wild.between(0, 0.05 * roughness),
  }
}

/** Saturation pressure of water, Pa (Buck 1981, his later constants). */
const saturated = (celsius: number): number =>
  611.21 * Math.exp((18.678 - celsius / 234.5) * (celsius / (257.14 + celsius)))

/** Where a syrup boils, °C: water activity after Starzak & Peacock (1997), mixed after Norrish (1966), by Newton's steps. */
function boilsAt(water: number, sugar: number, syrup: number, mono: number, pascal: number): number {
  const moles = [water / MOLAR.water, sugar / MOLAR.sugar, syrup / MOLAR.syrup, mono / MOLAR.mono] as const
  const all = moles.reduce((a, b) => a + b, 0)
  const [w, s, g, m] = moles.map((n) => n / all) as [number, number, number, number]
  const x = 1 - w
  const felt = s + g * Math.sqrt(2.31 / 6.47) + m * Math.sqrt(2.25 / 6.47)
  const off = (t: number) =>
    Math.log(w) +
    (-17_638 / (8.314 * (t + 273.15))) * (1 - 1.0038 * x - 0.24653 * x * x) * felt * felt +
    Math.log(saturated(t) / pascal)
  let t = 110
  for (let i = 0; i < 10; i++) {
    const step = (0.1 * off(t)) / (off(t + 0.1) - off(t))
    t = Math.min(240, t - Math.max(-40, Math.min(40, step)))
    if (Math.abs(step) < 1e-4) break
  }
  return t
}

export class StrangeKitchen extends Kitchen {
  /** The base where the flame is; the wall. */
  private underC: number
  private wallC: number
  /** g of sugar that lies in water, or dry; g of fat not melted yet. */
  private undissolved = 0
  private dry = 0
  private solidFat = 0
  private watts = 0
  private gust = 0
  private gas = 1
  private gasWants = 1
  private disturbed = true
  private readonly c: Chance
  private readonly roughness: number
  private readonly hidden: Hidden

  constructor(
    facts: RoughFacts,
    seed: number,
    ring: Ring,
    fault?: Fault,
    { kitchen = seed, amiss = {}, roughness = 1 }: KitchenOptions = {},
  ) {
    super(facts, fault)
    const drawn = drawHidden(chance(kitchen, 11), facts.pascal, ring, roughness)
    this.hidden = {
      ...drawn,
      power: drawn.power * (amiss.power ?? 1),
      offC: drawn.offC + (amiss.readsMore ?? 0),
    }
    this.underC = this.wallC = facts.roomC
    this.c = chance(seed, 12)
    this.roughness = roughness
  }

  get probeFacts(): Hidden {
    return this.hidden
  }

  override add(more: Stuff, celsius: number): void {
    super.add(more, celsius)
    if (celsius < FAT.melts) this.solidFat += FAT.solid * more.fat
    if (this.stuff.water <= 0.02 * this.stuff.sugar) this.dry += more.sugar
    else {
      // what comes in more water than its weight has dissolved already
      this.undissolved += this.dry + (celsius < 60 && more.water <= more.sugar ? more.sugar : 0)
      this.dry = 0
    }
  }

  leftAlone(): StrangeKitchen {
    const copy: StrangeKitchen = Object.assign(Object.create(StrangeKitchen.prototype), this)
    copy.stuff = { ...this.stuff }
    copy.disturbed = false
    return copy
  }

  tick(): void {
    for (let i = 0; i < 4; i++) this.step(0.25)
  }

  /** Sugars take more the hotter they are. */
  protected capacity(): number {
    const { water, sugar, syrup, mono, fat, protein } = this.stuff
    const ofSugar = 1.25 + 0.0034 * Math.min(160, this.celsius)
    return this.hidden.capacity * (4.19 * water + ofSugar * (sugar + syrup + mono) + 2.2 * fat + 1.9 * protein)
  }

  private disturb(dt: number): void {
    const { ring } = this.hidden
    if (this.disturbed) {
      if (ring === 'gas' && this.c.happens(dt / 150)) this.gasWants = 1 + this.roughness * this.c.between(-0.08, 0.08)
      if (this.c.happens(dt / 60)) this.gust = this.roughness * this.c.between(0, 1.2)
    }
    this.gust *= 1 - dt / 25
    this.gas += ((this.gasWants - this.gas) * dt) / 8
  }

  private burner(dt: number): number {
    const { ring, power, dialBend, followsS, clicksS } = this.hidden
    const share = this.onRing ? (this.dial / 10) ** dialBend : 0
    const full = this.facts.watts * power * this.gas
    const clicks = ring === 'plate' ? share < 0.95 : ring === 'induction' && share < 0.6
    const wanted = !clicks ? full * share : (this.at % clicksS) / clicksS < share ? full : 0
    this.watts = this.onRing ? this.watts + (wanted - this.watts) * (1 - Math.exp(-dt / followsS)) : 0
    return this.watts * this.wrong
  }

  private step(dt: number): void {
    const { wallShare, through, toSyrup, toWall, wallLoses, faceLoses } = this.hidden
    const { diameterM, heightM, metalJ, roomC } = this.facts
    const face = (Math.PI * diameterM ** 2) / 4
    const wall = WET_WALL * Math.PI * diameterM * heightM
    this.disturb(dt)
    const draught = 1 + this.gust
    const up = through * face * (this.underC - this.baseC)
    // a thick syrup takes its heat less eagerly
    const eager = toSyrup / (1 + Math.max(0, this.celsius - 120) / 120)
    const given = eager * face * (this.baseC - this.celsius)
    const intoWall = toWall * SIDE_TOUCHED * wall * (this.celsius - this.wallC)
    const half = (metalJ * (1 - wallShare)) / 2
    this.underC += (dt * (this.burner(dt) - up - 8 * face * (this.underC - roomC))) / half
    this.baseC += (dt * (up - given)) / (half + dt * eager * face)
    this.wallC +=
      (dt * (intoWall - wallLoses * wall * draught * (this.wallC - roomC))) / (metalJ * wallShare + dt * toWall * wall)
    this.at += dt
    if (this.grams() === 0) {
      this.celsius = roomC
      return
    }
    const lost = faceLoses * face * (this.lid ? LID.loses : 1) * draught * (this.celsius - roomC)
    this.warm(dt * (given - intoWall - lost - this.nutsTake(dt)) - this.fatTakes(dt), dt, given / face, face * draught)
  }

  private nutsTake(dt: number): number {
    const { nuts } = this.stuff
    if (nuts === 0) return 0
    const watts = (1.8 * nuts * (this.celsius - this.nutsC)) / this.hidden.nutsS
    this.nutsC += (dt * (this.celsius - this.nutsC)) / this.hidden.nutsS
    return watts
  }

  private fatTakes(dt: number): number {
    if (this.celsius < FAT.melts) return 0
    const melted = Math.min(this.solidFat, (this.solidFat * dt) / FAT.seconds + 0.01)
    this.solidFat -= melted
    return melted * FAT.joules
  }

  private dissolve(dt: number): void {
    const eager = Math.min(3, Math.max(0.05, (this.celsius - 20) / 40))
    const gone = ((this.undissolved + 5) * dt * eager) / this.hidden.dissolvesS
    this.undissolved = Math.max(0, this.undissolved - gone)
  }

  /** °C at which it boils with so much water. */
  private boils(water: number): number {
    const { sugar, syrup, mono } = this.stuff
    const { boilsOff, boilsMore, particles, pascal } = this.hidden
    const plain = boilsAt(1, 0, 0, 0, pascal)
    const free = Math.max(1e-4, water - BOUND * (sugar + syrup + mono))
    const up = boilsAt(free, Math.max(0, sugar - this.undissolved), syrup * particles, mono, pascal) - plain
    return plain + up * (1 + boilsMore) + boilsOff * Math.min(1, up / 10)
  }

  private warm(joules: number, dt: number, flux: number, openFace: number): void {
    const { stuff, hidden } = this
    const capacity = this.capacity()
    this.boiling = false
    if (this.dry > 0) {
      const eager = Math.max(0, (this.celsius - MELTS.from) / MELTS.over)
      const melted = Math.min(this.dry, ((this.dry + 10) * eager * dt) / MELTS.seconds)
      this.dry -= melted
      this.celsius += (joules - melted * hidden.meltJ) / capacity
      return
    }
    this.dissolve(dt)
    const free = stuff.water - BOUND * (stuff.sugar + stuff.syrup + stuff.mono)
    if (free <= 0.01) {
      this.celsius += joules / capacity
      return
    }
    const boils = this.boils(stuff.water)
    const limit = boils + hidden.hotter * Math.min(1.5, Math.cbrt(Math.max(0, flux) / 10_000))
    const latent = 2500 - 2.42 * this.celsius
    const steaming = Math.min(free, dt * this.steamOff(boils, openFace))
    const spare = joules + capacity * (this.celsius - limit)
    if (spare <= steaming * latent) {
      this.celsius += (joules - steaming * latent) / capacity
      stuff.water -= steaming
      return
    }
    this.boiling = true
    const gone = this.lid ? 1 - LID.returns : 1
    const perGram = (this.boils(stuff.water - 0.05) - boils) / 0.05
    const steam = Math.min(free, spare / (latent + gone * capacity * perGram))
    stuff.water -= gone * steam
    this.celsius = limit + (spare - steam * latent) / capacity
  }

  /** g/s that leave an open face below the boil. */
  private steamOff(boils: number, openFace: number): number {
    const activity = Math.min(1, this.hidden.pascal / saturated(boils))
    const over = activity * saturated(Math.min(this.celsius, boils)) - 1400
    const open = this.hidden.steams * openFace * (this.lid ? LID.steams : 1)
    return Math.max(0, (open * over * MOLAR.water) / (8.314 * (this.celsius + 273)))
  }
}

/** °C that a tip out of the syrup feels. */
const OUT_C = 60

/** Its tip is in a sheath that is cooled along its stem, and it scatters partly by wandering. */
export class StrangeProbe extends Probe {
  private sheath: number
  private wanders = 0

  constructor(
    protected override readonly kitchen: StrangeKitchen,
    seed: number,
    fault?: Fault,
  ) {
    super(kitchen, chance(seed, 13), OUT_C, fault)
    this.sheath = kitchen.celsius
  }

  protected feel(felt: number): void {
    const { lagS, sheath } = this.kitchen.probeFacts
    this.sheath += (felt - this.sheath) * (1 - Math.exp(-1 / (lagS * (1 - sheath))))
    this.tip += (this.sheath - this.tip) * (1 - Math.exp(-1 / (lagS * sheath)))
  }

  protected unrounded(): number {
    const { stem, noiseC, offC } = this.kitchen.probeFacts
    this.wanders += -this.wanders / 4 + Math.sqrt(0.5) * this.c.normal()
    return this.tip - stem * (this.tip - 25) + offC + noiseC * (0.8 * this.c.normal() + 0.35 * this.wanders)
  }
}
