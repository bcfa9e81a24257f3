/** A plain chart as an SVG text: lines, points and bands over two axes. D3 does the scales, the ticks and the paths. */
import { line, scaleLinear, scaleLog } from 'd3'

export type Point = readonly [x: number, y: number]

export interface Series {
  readonly name: string
  readonly points: readonly Point[]
  readonly kind?: 'line' | 'dots' | 'dashed'
}

export interface Chart {
  readonly title: string
  readonly x: { readonly label: string; readonly range: Point; readonly log?: boolean }
  readonly y: { readonly label: string; readonly range: Point }
  readonly series: readonly Series[]
  readonly bands?: readonly { readonly name: string; readonly from: number; readonly to: number }[]
}

const W = 720
const H = 420
const PAD = { top: 48, right: 170, bottom: 52, left: 64 }
const COLOURS = ['#c2124b', '#23152b', '#1e7a55', '#cb8230', '#6b5f72', '#8c4720']

const plain = (s: string): string => s.replace(/&/g, '&amp;').replace(/</g, '&lt;')
const two = (n: number): string => n.toFixed(1)

export function drawChart({ title, x, y, series, bands = [] }: Chart): string {
  const sx = (x.log ? scaleLog() : scaleLinear()).domain(x.range).range([PAD.left, W - PAD.right])
  const sy = scaleLinear()
    .domain(y.range)
    .range([H - PAD.bottom, PAD.top])
  const path = line<Point>(
    (p) => sx(p[0]),
    (p) => sy(p[1]),
  )
  const inside = (p: Point): boolean =>
    p[0] >= x.range[0] && p[0] <= x.range[1] && p[1] >= y.range[0] && p[1] <= y.range[1]
  const out: string[] = [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${W} ${H}" width="${W}" height="${H}" font-family="system-ui, sans-serif" font-size="13" fill="#23152b">`,
    `<title>${plain(title)}</title><rect width="${W}" height="${H}" fill="#fff"/>`,
    `<text x="${PAD.left}" y="26" font-size="16" font-weight="700">${plain(title)}</text>`,
  ]
  for (const [i, b] of bands.entries()) {
    const top = sy(Math.min(b.to, y.range[1]))
    const bottom = sy(Math.max(b.from, y.range[0]))
    out.push(
      `<rect x="${PAD.left}" width="${W - PAD.left - PAD.right}" y="${two(top)}" height="${two(Math.max(0, bottom - top))}" fill="#f0d490" opacity="${i % 2 ? 0.5 : 0.25}"/>`,
      `<text x="${W - PAD.right - 6}" y="${two((top + bottom) / 2 + 4)}" text-anchor="end" fill="#6b5f72" font-size="11">${plain(b.name)}</text>`,
    )
  }
  for (const t of sy.ticks(7))
    out.push(
      `<line x1="${PAD.left}" x2="${W - PAD.right}" y1="${two(sy(t))}" y2="${two(sy(t))}" stroke="#e1e1e7"/>`,
      `<text x="${PAD.left - 8}" y="${two(sy(t) + 4)}" text-anchor="end">${t}</text>`,
    )
  for (const t of sx.ticks(7).filter((v) => !x.log || /^[125]/.test(String(v))))
    out.push(`<text x="${two(sx(t))}" y="${H - PAD.bottom + 18}" text-anchor="middle">${t}</text>`)
  out.push(
    `<text x="${(PAD.left + W - PAD.right) / 2}" y="${H - 12}" text-anchor="middle" fill="#6b5f72">${plain(x.label)}</text>`,
    `<text transform="translate(16 ${(PAD.top + H - PAD.bottom) / 2}) rotate(-90)" text-anchor="middle" fill="#6b5f72">${plain(y.label)}</text>`,
  )
  series.forEach((s, i) => {
    const colour = COLOURS[i % COLOURS.length] as string
    const key = PAD.top + 10 + i * 34
    const points = s.points.filter(inside)
    if (s.kind === 'dots')
      for (const p of points)
        out.push(
          `<circle cx="${two(sx(p[0]))}" cy="${two(sy(p[1]))}" r="4" fill="none" stroke="${colour}" stroke-width="2"/>`,
        )
    else
      out.push(
        `<path d="${path(points) ?? ''}" fill="none" stroke="${colour}" stroke-width="2.5"${s.kind === 'dashed' ? ' stroke-dasharray="5 5"' : ''}/>`,
      )
    out.push(
      s.kind === 'dots'
        ? `<circle cx="${W - PAD.right + 24}" cy="${key - 4}" r="4" fill="none" stroke="${colour}" stroke-width="2"/>`
        : `<line x1="${W - PAD.right + 14}" x2="${W - PAD.right + 34}" y1="${key - 4}" y2="${key - 4}" stroke="${colour}" stroke-width="2.5"${s.kind === 'dashed' ? ' stroke-dasharray="5 5"' : ''}/>`,
      `<text x="${W - PAD.right + 40}" y="${key}" font-size="12">${plain(s.name)}</text>`,
    )
  })
  return `${out.join('\n')}\n</svg>\n`
}

/** `y` at evenly spaced `x`. */
export const curve = (from: number, to: number, by: number, y: (x: number) => number): Point[] =>
  Array.from({ length: Math.round((to - from) / by) + 1 }, (_, i) => {
    const x = from + i * by
    return [x, y(x)] as const
  })
