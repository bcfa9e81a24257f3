import { describe, expect, it, test } from 'vitest'
import { readFind, sayMonth } from './en'

const known = {
  rings: ['left gas ring', 'induction plate'],
  formulas: [
    { id: 'orchard-toffee', name: 'Orchard toffee with dried pear' },
    { id: 'quince', name: 'Quince lollipops' },
  ],
}

describe('a sentence asked of the log', () => {
  test.each([
    [
      'toffee · on the left ring · pulled late · in October · scored under fair · with grain · of revision 3',
      {
        q: '',
        family: 'toffee',
        ring: 'left gas ring',
        pulled: 'late',
        month: '10',
        score: 'poor',
        flaw: 'grained',
        revision: 3,
      },
    ],
    ['quince lollipops, in Nov 2026', { q: '', formula: 'quince', month: '2026-11' }],
    ['on the induction plate; too hard', { q: '', ring: 'induction plate', flaw: 'too-hard' }],
    ['pulled on target · best', { q: '', pulled: 'on', score: 'best' }],
    ['corners slumped', { q: 'corners slumped' }],
    ['261126-7QK · sticky', { q: '261126-7QK', flaw: 'sticky' }],
    ['', { q: '' }],
  ])('%s', (text, asked) => {
    expect(readFind(text, known)).toEqual(asked)
  })

  it('keeps what it does not know as words to look for', () => {
    expect(readFind('on the moon · of revision three', known)).toEqual({ q: 'on the moon of revision three' })
  })

  it('says a month of one year, or of any', () => {
    expect([sayMonth('10'), sayMonth('2026-02')]).toEqual(['October', 'February 2026'])
  })
})
