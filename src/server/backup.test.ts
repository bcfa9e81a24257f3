/** The backup a browser fetches: the same file `npm run backup` writes. */
import { gunzipSync } from 'node:zlib'
import { afterEach, describe, expect, it } from 'vitest'
import { backupFile } from './backup'

const url = process.env.DATABASE_URL

afterEach(() => {
  process.env.DATABASE_URL = url
})

describe('a backup by a button', () => {
  it('is a whole dump, pressed, and named by its day', async () => {
    const response = await backupFile()
    expect(response.headers.get('content-disposition')).toMatch(/imbry-\d{4}-\d\d-\d\d\.sql\.gz/)
    const text = gunzipSync(new Uint8Array(await response.arrayBuffer())).toString()
    expect(text.trimEnd().split('\n').at(-1)).toMatch(/^-- Dump completed/)
  })

  it('says what is wrong where none can be made, and leaves no half file', async () => {
    process.env.DATABASE_URL = (url ?? '').replace(/:[^:@/]+@/, ':wrong@')
    await expect(backupFile()).rejects.toThrow(/No backup can be made from here: mariadb-dump failed/)
    delete process.env.DATABASE_URL
    await expect(backupFile()).rejects.toThrow(/no database/)
  })
})
