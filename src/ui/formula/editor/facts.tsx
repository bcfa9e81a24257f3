'use client'

import { type FormulaDocument, isBoiled, type Shape } from '@/core'
import { Labelled, smallBox } from '@/ui/kit/labelled'
import { NumberBox } from '@/ui/kit/number-box'

interface Props {
  readonly formula: FormulaDocument
  onFormula(formula: FormulaDocument, box?: string): void
}

const shapes: Record<Shape['kind'], { label: string; fresh: Shape }> = {
  cut: { label: 'cut', fresh: { kind: 'cut', lengthMm: 25, widthMm: 25, heightMm: 15 } },
  mould: { label: 'moulded', fresh: { kind: 'mould', millilitres: 4 } },
  broken: { label: 'broken by hand', fresh: { kind: 'broken', thicknessMm: 6, gramsEach: 15 } },
}

/** Target, shape, waste, and what else is known of it. */
export function Facts({ formula, onFormula }: Props) {
  const { shape, target } = formula
  const set = (change: Partial<FormulaDocument>, at?: string): void => onFormula({ ...formula, ...change }, at)
  return (
    <section aria-labelledby="facts" className="sheet px-4 py-4">
      <h2 id="facts" className="casual text-[18px] font-bold">
        What it becomes
      </h2>
      <div className="mt-2 grid grid-cols-2 gap-2.5">
        {isBoiled(formula) && target && (
          <>
            <Labelled label="Target, °C at sea level">
              <NumberBox value={target.celsius} onNumber={(celsius) => set({ target: { ...target, celsius } })} />
            </Labelled>
            <Labelled label="Still good, ± °C">
              <NumberBox
                value={target.within}
                onNumber={(within) => set({ target: { ...target, within: Math.max(0.1, within) } })}
              />
            </Labelled>
          </>
        )}
        <Labelled label="Pieces are">
          <select
            className={smallBox}
            value={shape.kind}
            onChange={(e) => set({ shape: shapes[e.target.value as Shape['kind']].fresh })}
          >
            {Object.entries(shapes).map(([id, s]) => (
              <option key={id} value={id}>
                {s.label}
              </option>
            ))}
          </select>
        </Labelled>
        {shape.kind === 'cut' && (
          <>
            <Labelled label="Length, mm">
              <NumberBox value={shape.lengthMm} onNumber={(n) => n > 0 && set({ shape: { ...shape, lengthMm: n } })} />
            </Labelled>
            <Labelled label="Width, mm">
              <NumberBox value={shape.widthMm} onNumber={(n) => n > 0 && set({ shape: { ...shape, widthMm: n } })} />
            </Labelled>
            <Labelled label="Height, mm">
              <NumberBox value={shape.heightMm} onNumber={(n) => n > 0 && set({ shape: { ...shape, heightMm: n } })} />
            </Labelled>
          </>
        )}
        {shape.kind === 'mould' && (
          <Labelled label="Cavity, ml">
            <NumberBox
              value={shape.millilitres}
              onNumber={(n) => n > 0 && set({ shape: { kind: 'mould', millilitres: n } })}
            />
          </Labelled>
        )}
        {shape.kind === 'broken' && (
          <>
            <Labelled label="Thickness, mm">
              <NumberBox
                value={shape.thicknessMm}
                onNumber={(n) => n > 0 && set({ shape: { ...shape, thicknessMm: n } })}
              />
            </Labelled>
            <Labelled label="A piece, g">
              <NumberBox
                value={shape.gramsEach}
                onNumber={(n) => n > 0 && set({ shape: { ...shape, gramsEach: n } })}
              />
            </Labelled>
          </>
        )}
        <Labelled label="Lost to edges and pot, %">
          <NumberBox value={100 * formula.waste} onNumber={(n) => set({ waste: Math.min(0.5, n / 100) })} />
        </Labelled>
        <Labelled label="Air in it, % of the volume">
          <NumberBox
            value={100 * (formula.air ?? 0)}
            onNumber={(n) => {
              const { air: _, ...rest } = formula
              onFormula(n > 0 ? { ...rest, air: Math.min(0.85, n / 100) } : rest)
            }}
          />
        </Labelled>
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
              className={`${smallBox} min-h-20 py-2`}
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
