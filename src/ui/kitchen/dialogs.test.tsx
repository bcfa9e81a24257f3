/** What is asked about things of the kitchen, and what is sent of the answers. */
import { fireEvent, screen, waitFor } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { type Ingredient, massOf } from '@/core'
import { draw } from '@/ui/testing'
import { sections } from './fields'
import { IngredientDialog } from './ingredient-dialog'
import { ThingDialog } from './thing-dialog'

let sent: { path: string; method: string; body: unknown }[]
let answer: () => Response

beforeEach(() => {
  sent = []
  answer = () => Response.json({})
  vi.stubGlobal('fetch', async (path: string, { method, body }: { method: string; body: string }) => {
    sent.push({ path, method, body: JSON.parse(body) })
    return answer()
  })
})

const fill = (label: string, text: string): void => {
  const box = screen.getByLabelText(label)
  fireEvent.change(box, { target: { value: text } })
  fireEvent.blur(box)
}
const press = (name: string): void => void fireEvent.click(screen.getByRole('button', { name }))

describe('an ingredient of one’s own', () => {
  const opened = () => {
    const onClose = vi.fn()
    draw(<IngredientDialog thing={null} onClose={onClose} />)
    return onClose
  }

  it('is kept with what its label says, water being what is left, its names and its allergens', async () => {
    const onClose = opened()
    fill('Called', 'Chestnut honey')
    fill('Also called', 'honey of chestnut,  forest honey ,')
    fill('Sucrose', '2,5')
    fill('Glucose and fructose', '77')
    fill('A millilitre weighs', '1.4')
    fill('Price of a kilo', '18.50')
    fireEvent.click(screen.getByRole('checkbox', { name: 'sulphites' }))
    expect(screen.getByText(/^and 2[01].*of water$/)).toBeDefined()
    press('Save')
    await waitFor(() => expect(onClose).toHaveBeenCalled())
    const [{ path, method, body }] = sent as [(typeof sent)[number]]
    expect([method, path]).toEqual(['PUT', expect.stringMatching(/^\/api\/kitchen\/ingredient\/own-/)])
    const { ingredient, pricePerKg } = body as { ingredient: Ingredient; pricePerKg: number }
    expect(pricePerKg).toBe(18.5)
    expect(ingredient).toMatchObject({
      name: 'Chestnut honey',
      synonyms: ['honey of chestnut', 'forest honey'],
      allergens: ['sulphites'],
      density: 1.4,
      whole: false,
    })
    expect(massOf(ingredient.per100)).toBeCloseTo(100, 9)
    expect(ingredient.per100.water).toBeCloseTo(20.5, 9)
  })

  it.each([
    ['Sucrose', '140', 'It adds up to more than 100 %'],
    ['Price of a kilo', 'dear', 'The price is not a figure that can be right'],
    ['A millilitre weighs', '0', 'The weight of a millilitre is not a figure that can be right'],
    ['Called', '   ', 'It needs a name'],
  ])('whose “%s” is “%s” is not sent: %s', async (label, text, said) => {
    const onClose = opened()
    fill('Called', 'Something')
    fill(label, text)
    press('Save')
    expect((await screen.findByRole('alert')).textContent).toBe(said)
    expect(sent).toEqual([])
    expect(onClose).not.toHaveBeenCalled()
  })

  it('that the server does not take stays open, with what it says', async () => {
    answer = () =>
      Response.json({ error: { message: 'The disk is full', kept: 'Nothing was changed.' } }, { status: 507 })
    const onClose = opened()
    fill('Called', 'Something')
    press('Save')
    expect((await screen.findByRole('alert')).textContent).toBe('The disk is full. Nothing was changed.')
    expect(onClose).not.toHaveBeenCalled()
  })
})

describe('a tray', () => {
  const trays = sections.find((s) => s.id === 'trays')
  if (!trays) throw new Error('there are no trays')

  function opened(units?: string) {
    const onClose = vi.fn()
    draw(<ThingDialog section={trays as NonNullable<typeof trays>} thing={null} onClose={onClose} />, units)
    return onClose
  }

  it('is kept by its inside, in whatever unit that is typed', async () => {
    const onClose = opened()
    fill('Called', 'biscuit tin')
    fill('Inside length', '12½ in')
    fill('Inside width', '20 cm')
    press('Add the tray')
    await waitFor(() => expect(onClose).toHaveBeenCalledWith('biscuit tin is kept'))
    expect(sent[0]?.body).toMatchObject({ kind: 'tray', lengthMm: 317.5, widthMm: 200 })
  })

  it('that is round is as wide as it is long, or is asked again', async () => {
    const onClose = opened()
    fill('Called', 'ring')
    fireEvent.click(screen.getByRole('switch', { name: 'Round: a pan or a ring' }))
    fill('Inside length', '240')
    press('Add the tray')
    expect(await screen.findByText('That is not a figure that can be right')).toBeDefined()
    expect(sent).toEqual([])
    fill('Inside width', '240')
    press('Add the tray')
    await waitFor(() => expect(onClose).toHaveBeenCalled())
    expect(sent[0]?.body).toMatchObject({ round: true, lengthMm: 240, widthMm: 240 })
  })

  it('without a name is asked for one', async () => {
    opened()
    press('Add the tray')
    expect(await screen.findByText('It needs a name')).toBeDefined()
  })
})
