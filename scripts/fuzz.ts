/** `npm run fuzz [SEEDS] [REQUESTS]`: a workshop of its own, so many seeds of so many requests each, and what went wrong. */
import { fuzz } from './fuzz/run'
import { stopAll } from './lib/processes'
import { startWorkshop } from './lib/workshop'

const TOKEN = 'hub-of-the-fuzzer'

async function main(): Promise<void> {
  const [seeds = 5, requests = 10_000] = process.argv.slice(2).map(Number)
  const url = await startWorkshop('fuzz', TOKEN)
  for (let seed = 1; seed <= seeds; seed++) {
    const { faults, statuses, pages, slowest } = await fuzz(url, TOKEN, seed, requests)
    console.log(`seed ${seed}: ${requests} requests, ${pages} pages`, statuses)
    console.log(`  slowest ${Math.round(slowest.ms)} ms: ${slowest.asked}`)
    for (const f of faults.slice(0, 40)) console.log(`  ${f.n}: ${f.what}\n      ${f.asked}`)
    if (faults.length > 0) process.exitCode = 1
    console.log(`  ${faults.length} faults`)
  }
}

main()
  .catch((error: Error) => {
    console.error(error)
    process.exitCode = 1
  })
  .finally(stopAll)
