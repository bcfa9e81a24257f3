/** Measures what Imbry costs and prints it as tables. Parts: core, finish, rough-finish, ode, forecast, rough, strange, by-hand, why, day, app, book, logbook (all unless named). */
import { benchApp } from './bench/app'
import { benchBook } from './bench/book'
import { benchByHand } from './bench/by-hand'
import { benchCore } from './bench/core'
import { benchDay } from './bench/day'
import { benchFinish } from './bench/finish'
import { benchForecast } from './bench/forecast'
import { benchLogbook } from './bench/logbook'
import { benchOde } from './bench/ode'
import { benchRough, benchStrange } from './bench/rough'
import { benchRoughFinish } from './bench/rough-finish'
import { print, type Row } from './bench/table'
import { benchWhy } from './bench/why'
import { stopAll } from './lib/processes'

const parts: Record<string, () => Row[] | Promise<Row[]>> = {
  core: benchCore,
  finish: benchFinish,
  'rough-finish': () => benchRoughFinish(),
  ode: benchOde,
  forecast: () => benchForecast(),
  rough: () => benchRough(),
  strange: () => benchStrange(),
  'by-hand': () => benchByHand(),
  why: () => benchWhy(),
  day: benchDay,
  app: benchApp,
  book: benchBook,
  logbook: benchLogbook,
}

async function main(): Promise<void> {
  const asked = process.argv.slice(2)
  for (const [name, part] of Object.entries(parts))
    if (asked.length === 0 || asked.includes(name)) print(name, await part())
}

main()
  .catch((error: Error) => {
    console.error(error)
    process.exitCode = 1
  })
  .finally(stopAll)
