import { describe, expect, it } from 'vitest'
import { ordersIn } from './orders'

const book = [
  { id: 'toffee', name: 'Orchard toffee' },
  { id: 'drops', name: 'Rhubarb, nettle drops' },
]

describe('orders as a file', () => {
  it('are read by name or id, in any column, and added up', () => {
    const text = 'shop,product,pieces\nQuay,Orchard toffee,40\nMill,"Rhubarb, nettle drops",120\nMill,TOFFEE,10\n'
    expect(ordersIn(text, book)).toEqual({
      orders: [
        { formula: 'toffee', pieces: 50 },
        { formula: 'drops', pieces: 120 },
      ],
      unread: [],
    })
  })

  it('say which lines were not read, and read the others', () => {
    const text = 'toffee;12\nfudge;9\ntoffee;many\ntoffee;3;4\ntoffee;0'
    const { orders, unread } = ordersIn(text, book)
    expect(orders).toEqual([{ formula: 'toffee', pieces: 12 }])
    expect(unread).toEqual(['fudge, 9', 'toffee, many', 'toffee, 3, 4', 'toffee, 0'])
  })

  it('never fail, whatever the file is', () => {
    for (const text of ['', '\u0000\u0001', '"', 'a,b\n"c', '\n\n\n']) expect(ordersIn(text, book).orders).toEqual([])
  })
})
