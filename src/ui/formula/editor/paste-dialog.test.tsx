import { act, fireEvent, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { pantryOf } from '@/core'
import { draw } from '@/ui/testing'
import { keepForPaste, takeForPaste } from './kept-recipe'
import PasteDialog from './paste-dialog'

const recipe = (method: string) => `Harbour crunch
Ingredients
300 g sugar
200 g butter
60 g flaked almonds
Method
${method}`

function opened(method: string, text = recipe(method)) {
  const onDraft = vi.fn()
  draw(<PasteDialog first={text} pantry={pantryOf()} house={[]} onDraft={onDraft} onClose={() => undefined} />)
  return { onDraft, make: screen.getByRole('button', { name: 'Make a draft of it' }) as HTMLButtonElement }
}

describe('a pasted recipe', () => {
  it('that does not say when it is done is asked, and its answer is the target', () => {
    const { onDraft, make } = opened('Melt the butter with the sugar. Boil for 20 minutes, stirring. Pour out.')
    const told = screen.getByRole('region', { name: 'As it is read' })
    expect(told.textContent).toMatch(/at the targetBoil for 20 minutes/)
    const box = screen.getByLabelText(/It says 20 min; how far that goes depends on the ring/)
    fireEvent.click(make)
    expect(onDraft).not.toHaveBeenCalled()
    expect(document.activeElement).toBe(box)
    // one press leaves the box, and takes what was typed in it
    fireEvent.change(box, { target: { value: '148' } })
    act(() => make.focus())
    fireEvent.click(make)
    expect(told.textContent).toMatch(/at 148°Boil for 20 minutes/)
    expect(onDraft.mock.calls[0]?.[0].formula.target.celsius).toBe(148)
  })

  it.each([
    [
      'Melt the butter with the sugar. Boil to 120°C. 152 and off. Pour out.',
      /It seems to end at “152 and off”\. At what temperature does it come off\?/,
      'that would be 152°; usual for its kind is about 145°',
    ],
    [
      'Melt the butter with the sugar. Boil to 108°C. Pour out.',
      /“Boil to 108°C” is far from where its kind is cooked to/,
      'usual for its kind is about 145°',
    ],
    [
      'Melt the butter with the sugar. Boil to 152°C; almonds; 120°C. Pour out.',
      /names more than one temperature\. At which of them does it come off\?/,
      null,
    ],
  ])('that ends in doubt is asked, with what would be usual: %s', (method, question, hint) => {
    opened(method)
    expect(screen.getByLabelText(question)).toBeDefined()
    if (hint !== null) expect(screen.getByText(hint)).toBeDefined()
    else expect(screen.queryByText(/usual for its kind is about/)).toBeNull()
  })

  it('of bare numbers is asked in which unit they are, and is no draft before that', () => {
    const method = 'Cook all to 121. Pour.'
    const { make, onDraft } = opened(method, `Harbour chews\n\nSugar 420\nGlucose syrup 440\nWater 120\n\n${method}`)
    fireEvent.click(make)
    expect(onDraft).not.toHaveBeenCalled()
    expect(screen.getByText(/“Sugar 420”, and the like: in which unit are the numbers of its list\?/)).toBeDefined()
    const told = screen.getByRole('region', { name: 'As it is read' })
    expect(told.textContent).toMatch(/“Sugar 420”, “Glucose syrup 440”, “Water 120”, which are asked about/)
    expect(screen.queryByText(/made by hand/)).toBeNull()
    fireEvent.click(screen.getByText('grams'))
    expect(told.textContent).toMatch(/420 g granulated sugar/)
    fireEvent.click(make)
    expect(onDraft).toHaveBeenCalled()
  })

  it('that says everything is asked no more than what it is, and where a line goes that it forgot', () => {
    opened('Melt the butter with the sugar. Boil to 150°C. Pour out.')
    expect(screen.queryByLabelText(/At what temperature/)).toBeNull()
    expect(screen.getByText(/A guess at what it is/)).toBeDefined()
    expect(screen.getByText(/The method does not say when “Almonds, flaked” goes in/)).toBeDefined()
  })

  it('that seems to do what hardly anybody does is asked whether it is so', () => {
    opened('Fry the almonds in a pan. Melt the butter with the sugar. Boil to 150°C. Pour out.')
    const place = screen.getByText(/“Almonds, flaked” seems to be on the heat before any sugar/)
    expect(place.textContent).toMatch(/When does it go in\?$/)
  })

  it('is told back as it was read, with what stands in its words alone', () => {
    opened(
      'Line a tin. Melt the butter with the sugar. Boil to 150°C. Warm the almonds to 60°C and stir in. It keeps for a month.',
    )
    const told = screen.getByRole('region', { name: 'As it is read' })
    expect(told.textContent).toMatch(/Before the heat goes onLine a tin/)
    expect(told.textContent).toMatch(/at 150°Boil to 150°/)
    expect(told.textContent).toMatch(/300 g granulated sugar, 200 g butter/)
    expect(told.textContent).toMatch(/60° stands in the words alone/)
    expect(told.textContent).toMatch(/Pour it out · not in the text, put in/)
    expect(told.textContent).toMatch(/In the notes, and nowhere elseIt keeps for a month/)
  })

  it('is handed to the next page once', () => {
    keepForPaste('Toffee')
    expect(takeForPaste()).toBe('Toffee')
    expect(takeForPaste()).toBeNull()
  })
})
