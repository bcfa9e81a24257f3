/** Where a workshop's data lives, and what happens to data of an earlier Imbry. */
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, renameSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'

/** The demo workshop and the maker's own never share data. */
export type WorkshopName = 'demo' | 'workshop'

const ROOT = '.imbry'

/** The folder of a workshop, absolute; IMBRY_DATA names another. */
export const dataFolder = (name: WorkshopName): string => resolve(process.env.IMBRY_DATA ?? join(ROOT, name))

/**
 * Makes a data folder. One that an earlier Imbry wrote, with its database straight in it or in the folder above, is moved
 * aside whole: nothing in it is read or changed.
 */
export function makeDataFolder(folder: string): void {
  const root = resolve(ROOT)
  if (resolve(folder, '..') === root && existsSync(join(root, 'mariadb'))) {
    console.log('There is data of an earlier version of Imbry, which this one cannot use.')
    moveAside(root, ['demo', 'workshop'])
  }
  mkdirSync(folder, { recursive: true, mode: 0o700 })
}

/** Moves what is in a folder, but for some names, into a folder beside it, says so, and returns where it is now. */
export function moveAside(folder: string, stays: readonly string[] = []): string {
  const aside = freeName(`${folder}-earlier`)
  mkdirSync(aside, { mode: 0o700 })
  for (const name of readdirSync(folder)) if (!stays.includes(name)) renameSync(join(folder, name), join(aside, name))
  console.log(`What was in ${folder} is kept, untouched, in ${aside}.`)
  return aside
}

function freeName(wanted: string): string {
  for (let n = 1; ; n++) {
    const name = n === 1 ? wanted : `${wanted}-${n}`
    if (!existsSync(name)) return name
  }
}

/** The socket of the server on a data folder: short, for a path may not be longer than about 100 letters. */
export const socketOf = (folder: string): string =>
  join(tmpdir(), `imbry-${createHash('sha256').update(join(folder, 'mariadb')).digest('hex').slice(0, 12)}.sock`)
