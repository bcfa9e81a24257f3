/** How acid a syrup of these ingredients is: each holds it at a pH of its own, some harder than others. */
import type { Component } from './components'
import type { Portion } from './portions'

/** A pH, and how hard it is held, mmol of acid or base a unit of pH. */
interface Buffer {
  readonly ph: number
  readonly strength: number
}

/** ◊ By a gram of a component, from the acidity and the titration of common foods: citric acid from 2.4 to 7, milk by its protein, honey, tap water of medium hardness. */
const components: Readonly<Partial<Record<Component, Buffer>>> = {
  acid: { ph: 2.4, strength: 3.3 },
  water: { ph: 7.5, strength: 0.0015 },
  sucrose: { ph: 6.5, strength: 0.001 },
  glucoseSolids: { ph: 4.8, strength: 0.004 },
  monosaccharide: { ph: 3.9, strength: 0.018 },
  milkProtein: { ph: 6.6, strength: 1 },
  protein: { ph: 6.5, strength: 0.3 },
  cocoaSolids: { ph: 5.6, strength: 1 },
  ash: { ph: 5.6, strength: 2.5 },
}

/** ◊ By a gram of what its components do not tell: half neutral, a base, and an acid of which half boils off. */
const known: Readonly<Record<string, Buffer>> = {
  'cream-of-tartar': { ph: 3.6, strength: 3 },
  soda: { ph: 8.3, strength: 5 },
  'baking-powder': { ph: 7.5, strength: 2 },
  vinegar: { ph: 2.6, strength: 0.09 },
}

/** pH of what `portions` are boiled to; 7 for nothing. An estimate: water and fruit vary. */
export function phOf(portions: readonly Portion[]): number {
  const buffers = portions.flatMap(({ ingredient: { id, per100 }, grams }): Buffer[] => {
    const own = known[id]
    if (own) return [{ ph: own.ph, strength: own.strength * grams }]
    return (Object.keys(components) as Component[]).map((c) => {
      const { ph, strength } = components[c] as Buffer
      return { ph, strength: (strength * per100[c] * grams) / 100 }
    })
  })
  const all = buffers.reduce((sum, b) => sum + b.strength, 0)
  return all > 0 ? buffers.reduce((sum, b) => sum + b.ph * b.strength, 0) / all : 7
}
