'use client'

import { airOf, type FormulaDocument, isBoiled, type Shape, type ShapedBy, shapedBy } from '@/core'
import { Labelled, smallBox } from '@/ui/kit/labelled'
import { NumberField } from '@/ui/kit/number-field'
import { Select } from '@/ui/kit/select'
import { formatPercent, type MeasureId } from '@/words'

interface Props {
  readonly formula: FormulaDocument
  onFormula(formula: FormulaDocument, box?: string): void
}

const ONE_BY_ONE = { kind: 'broken', thicknessMm: 12, gramsEach: 15 } as const

const shapes: Record<ShapedBy, { label: string; fresh: Shape }> = {
  cut: { label: 'cut', fresh: { kind: 'cut', lengthMm: 25, widthMm: 25, heightMm: 15 } },
  mould: { label: 'moulded', fresh: { kind: 'mould', millilitres: 4 } },
  broken: { label: 'broken by hand', fresh: { kind: 'broken', thicknessMm: 6, gramsEach: 15 } },
  dipped: {
    label: 'a coat, dipped into',
    fresh: { kind: 'broken', thicknessMm: 4, gramsEach: 60, formed: 'dipped' },
  },
  dropped: { label: 'dropped one by one', fresh: { ...ONE_BY_ONE, formed: 'dropped' } },
  rolled: { label: 'rolled by hand', fresh: { ...ONE_BY_ONE, formed: 'rolled' } },
}

const SPAN = { as: 'length', least: 1, most: 500 } as const

interface Dimension {
  readonly name: string
  readonly label: string
  readonly as: MeasureId
  readonly least: number
  readonly most: number
}

/** What is asked about a piece of each shape. */
const dimensions: Record<Shape['kind'], readonly Dimension[]> = {
  cut: [
    { name: 'lengthMm', label: 'Length', ...SPAN },
    { name: 'widthMm', label: 'Width', ...SPAN },
    { name: 'heightMm', label: 'Height', ...SPAN },
  ],
  mould: [{ name: 'millilitres', label: 'A cavity holds', as: 'millilitres', least: 0.2, most: 1000 }],
  broken: [
    { name: 'thicknessMm', label: 'Thickness', ...SPAN },
    { name: 'gramsEach', label: 'A piece weighs', as: 'weight', least: 0.2, most: 5000 },
  ],
}

/** Target, shape, waste, and what else is known of it. */
export function Facts({ formula, onFormula }: Props) {
  const { shape, target } = formula
  const set = (change: Partial<FormulaDocument>, at?: string): void => onFormula({ ...formula, ...change }, at)
  return (
    <section aria-labelledby="facts" className="sheet px-4 py-4">
      <h2 id="facts" className="casual text-title font-bold">
        What it becomes
      </h2>
      <div className="mt-2 grid grid-cols-2 gap-2.5">
        {isBoiled(formula) && target && (
          <>
            <NumberField
              small
              label="Target, at sea level"
              as="temperature"
              value={target.celsius}
              least={80}
              most={200}
              onValue={(celsius) => set({ target: { ...target, celsius } })}
            />
            <NumberField
              small
              label="Still good, more or less by"
              as="step"
              value={target.within}
              least={0.1}
              most={20}
              onValue={(within) => set({ target: { ...target, within } })}
            />
          </>
        )}
        <Select
          small
          label="Pieces are"
          options={Object.entries(shapes).map(([id, s]) => ({ id: id as ShapedBy, label: s.label }))}
          value={shapedBy(shape)}
          onPick={(by) => set({ shape: shapes[by].fresh })}
        />
        {dimensions[shape.kind].map(({ name, label, as, least, most }) => (
          <NumberField
            key={name}
            small
            label={label}
            as={as}
            value={(shape as unknown as Readonly<Record<string, number>>)[name] ?? null}
            least={least}
            most={most}
            onValue={(value) => set({ shape: { ...shape, [name]: value } })}
          />
        ))}
        <NumberField
          small
          label="Lost to edges and pot"
          as="percent"
          value={formula.waste}
          most={0.5}
          onValue={(waste) => set({ waste })}
        />
        <NumberField
          small
          label="Air in it, of the volume"
          as="percent"
          value={formula.air ?? null}
          most={0.85}
          hint={
            formula.air === undefined ? `reckoned ${formatPercent(airOf(formula))}, until you measure it` : undefined
          }
          onValue={(air) => onFormula({ ...formula, air })}
          onEmpty={() => {
            const { air: _, ...rest } = formula
            onFormula(rest)
          }}
        />
        <div className="col-span-2">
          <Labelled label="A boil for each of these colours or flavours">
            <input
              className={smallBox}
              value={formula.boils.join(', ')}
              placeholder="none: one boil for all"
              onChange={(e) => set({ boils: e.target.value ? e.target.value.split(/,\s*/).slice(0, 12) : [] }, 'boils')}
              onBlur={() => set({ boils: formula.boils.map((b) => b.trim()).filter(Boolean) }, 'boils')}
            />
          </Labelled>
        </div>
        <div className="col-span-2">
          <Labelled label="Notes">
            <textarea
              className={`${smallBox} field-sizing-content min-h-20 py-2`}
              value={formula.notes ?? ''}
              maxLength={5000}
              onChange={(e) => set({ notes: e.target.value || undefined }, 'notes')}
            />
          </Labelled>
        </div>
        <div className="col-span-2">
          <Labelled label="Adapted from">
            <input
              className={smallBox}
              value={formula.source ?? ''}
              maxLength={500}
              onChange={(e) => set({ source: e.target.value || undefined }, 'source')}
            />
          </Labelled>
        </div>
      </div>
    </section>
  )
}
