/** Makes docs/science's charts anew and fills the tables of docs/science.md, between their marks, from the core. */
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { boiledFamilies, type FamilyId, firstSchool, isGrained, landingOf } from '@/core'
import { expectedOf } from '@/core/craft/testing'
import { biteNames, stageNames } from '@/words'
import { benchForecast } from './bench/forecast'
import { drawChart } from './science/chart'
import { charts } from './science/charts'
import { checks } from './science/checks'

const families = await Promise.all(
  (Object.keys(boiledFamilies) as (FamilyId & keyof typeof boiledFamilies)[]).map(async (id) => ({
    label: boiledFamilies[id].label,
    worked: { grained: isGrained(id, firstSchool(id)), set: boiledFamilies[id].work === 'set' },
    ...(await expectedOf(id)),
  })),
)

const row = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`

function table(head: readonly string[], rows: readonly (readonly string[])[]): string {
  return [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n')
}

const tables: Record<string, () => string> = {
  ...Object.fromEntries(
    Object.entries(checks).map(([name, list]) => [
      name,
      () =>
        table(
          ['check', 'published', 'computed'],
          list.map((c) => [c.what, c.published, c.computed.replace('-', '−')]),
        ),
    ]),
  ),
  families: () =>
    table(
      ['family', 'target', 'bite at 20 °C', 'stage', 'final water', 'ordinary'],
      families.map(({ label, worked, ordinary, lands }) => {
        const l = landingOf({ ordinary }, worked)
        return [
          label,
          `${ordinary.target} °C`,
          biteNames[l.bite.id],
          stageNames[l.stage.id],
          `${l.water.toFixed(1)} %`,
          `${lands.water[0]}–${lands.water[1]} %`,
        ]
      }),
    ),
  forecast: () =>
    table(
      ['measured on simulated cooks', 'result', 'wanted'],
      benchForecast()
        .slice(0, 5)
        .map((r) => [r.what, r.measured, r.wanted]),
    ),
}

mkdirSync('docs/science', { recursive: true })
for (const [name, chart] of Object.entries(charts)) writeFileSync(`docs/science/${name}.svg`, drawChart(chart()))

const file = 'docs/science.md'
const filled = readFileSync(file, 'utf8').replace(
  /(<!-- table: (\w+) -->\n)[\s\S]*?(<!-- end -->)/g,
  (_, open: string, name: string, close: string) => {
    const make = tables[name]
    if (!make) throw new Error(`docs/science.md asks for a table nobody makes: ${name}`)
    return `${open}\n${make()}\n\n${close}`
  },
)
writeFileSync(file, filled)
