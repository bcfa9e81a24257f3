/** Pictures of the demo's sweets, drawn by code: pieces in their shade on white paper. */
import { normal, seeded } from '@/core/quantity/seeded'
import type { HistoryBatch } from './history'

/** Fill and edge of pieces, by formula; darker past the target. */
const SHADES: Readonly<Record<string, readonly [string, string]>> = {
  'rhubarb-nettle-elderflower-drops': ['#d9849b', '#b35f78'],
  'smoked-salt-tamarind-caramels': ['#b4692a', '#8c4720'],
  'coconut-chip-brittle': ['#d79a45', '#b4692a'],
  'orchard-toffee': ['#cb8230', '#9c5a25'],
  'malted-milk-fudge': ['#d8b48a', '#b98f63'],
  'bay-leaf-honey-nougat': ['#efe3c8', '#cdbb93'],
}
const DARK = ['#5b2a17', '#2e1510'] as const
const [WIDTH, HEIGHT] = [800, 600]

/** One picture of a batch as a drawing: a few pieces on paper, on the bench. */
export function demoPicture({ batch, score, judged }: HistoryBatch, nth: number): string {
  const random = seeded(Number.parseInt(batch.id.slice(-5), 36) + nth)
  const burnt = judged.flaws.includes('scorched')
  const [fill, edge] = burnt ? DARK : (SHADES[batch.formulaId] ?? ['#cb8230', '#8c4720'])
  const round = batch.formulaId.includes('drops')
  const grain = judged.flaws.includes('grained')
  const pieces = Array.from({ length: 9 }, (_, i) => {
    const [x, y] = [230 + (i % 3) * 130 + 8 * normal(random), 150 + Math.floor(i / 3) * 110 + 8 * normal(random)]
    const turn = 8 * normal(random)
    const size = 84 + 5 * normal(random)
    const shape = round
      ? `<circle r="${size / 2}" fill="${fill}" stroke="${edge}" stroke-width="5"/>`
      : `<rect x="${-size / 2}" y="${-size / 2.4}" width="${size}" height="${size / 1.2}" rx="${grain ? 2 : 10}" fill="${fill}" stroke="${edge}" stroke-width="5"/>`
    const shine = score >= 4 ? '<ellipse cx="-14" cy="-14" rx="15" ry="6" fill="#fff" opacity="0.35"/>' : ''
    const specks = grain
      ? Array.from(
          { length: 24 },
          () => `<circle cx="${18 * normal(random)}" cy="${15 * normal(random)}" r="2" fill="#fff" opacity="0.6"/>`,
        ).join('')
      : ''
    return `<g transform="translate(${x.toFixed(1)} ${y.toFixed(1)}) rotate(${turn.toFixed(1)})">${shape}${shine}${specks}</g>`
  })
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}"><rect width="100%" height="100%" fill="#9c8468"/><rect x="120" y="50" width="560" height="500" fill="#f7f6f2"/>${pieces.join('')}</svg>`
}
