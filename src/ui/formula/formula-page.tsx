'use client'

import { Pencil, Printer } from 'lucide-react'
import { useMemo, useState } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import type { FormulaAdvice } from '@/contract/logbook'
import { type FormulaDocument, families, hottestOf, scalds, schoolLabel } from '@/core'
import { Button } from '@/ui/kit/button'
import { Link } from '@/ui/kit/link'
import { Segments } from '@/ui/kit/segments'
import { TabList, TabPanel, Tabs } from '@/ui/kit/tabs'
import { For, useSay } from '@/ui/shell/preferences'
import { AfterView } from './after-view'
import { BatchView } from './batch-view'
import { conditionsOf, firstChoice, vesselOf } from './equipment'
import { FormulaFiles } from './files-menu'
import { LayoutView } from './layout-view'
import { type Paper, PaperSheet } from './paper'
import { ReadyView } from './ready-view'
import { Sentence } from './sentence'
import { mainPiece, sizeBatch } from './size-batch'
import { sizeText } from './size-editor'
import { StartDialog } from './start-dialog'
import { summary } from './summary'
import { useSizing } from './use-sizing'

interface Props {
  readonly id: string
  readonly revision: number
  readonly formula: FormulaDocument
  readonly kitchen: KitchenView
  readonly advice: FormulaAdvice | null
}

const views = [
  { id: 'batch', label: 'Batch' },
  { id: 'layout', label: 'Lay out' },
  { id: 'ready', label: 'Get ready' },
  { id: 'after', label: 'Finish' },
] as const
type View = (typeof views)[number]['id']

/** One formula, sized for tonight: the sentence, what to weigh, the ladder and what it will be; the layout; getting ready. */
export function FormulaPage({ id, revision, formula, kitchen, advice }: Props) {
  const say = useSay()
  const { size, shape, onSizing } = useSizing(id, formula)
  const [choice, setChoice] = useState(() => firstChoice(formula, kitchen))
  const [view, setView] = useState<View>('batch')
  const [part, setPart] = useState<string | null | undefined>(undefined)
  const [paper, setPaper] = useState<Paper>('a4')
  const conditions = useMemo(() => conditionsOf(kitchen, choice), [kitchen, choice])
  const vessel = vesselOf(kitchen, choice)
  const result = useMemo(
    () => sizeBatch(formula, size, shape, conditions, vessel),
    [formula, size, shape, conditions, vessel],
  )
  const sized = 'problem' in result ? null : result
  const shown = sized && (sized.pieces.find((p) => p.part === part) ?? mainPiece(sized))
  const family = families[formula.family]
  const room = kitchen.room.find((r) => r.id === choice.room)?.name ?? ''
  return (
    <Tabs
      value={view}
      onPick={setView}
      className="flex min-h-dvh flex-col gap-3 p-4 lg:px-6 lg:py-4 print:min-h-0 print:p-0"
    >
      <header className="flex flex-wrap items-start justify-between gap-x-4 gap-y-2 xl:flex-nowrap print:hidden">
        <div className="min-w-0">
          <h1 className="casual text-name leading-tight font-extrabold">{formula.name}</h1>
          <p className="text-main text-muted">
            {family.label} · {schoolLabel(formula.family, formula.school)} ·{' '}
            <Link
              href={`/formulas/${id}/revisions`}
              className="underline decoration-line underline-offset-4 hover:text-ink"
            >
              revision {revision}
            </Link>
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-2 lg:shrink-0">
          <TabList label="View" options={views} />
          <FormulaFiles id={id} />
          <For may="owner">
            <Link
              href={`/formulas/${id}/edit`}
              className="flex min-h-12 items-center gap-2 rounded-control border border-line bg-sheet px-4 text-main font-semibold hover:border-muted"
            >
              <Pencil size={17} aria-hidden />
              Edit
            </Link>
          </For>
          {sized && sized.plan.boils.length > 0 && (
            <For may="cook">
              <StartDialog
                kitchen={kitchen}
                plan={sized.plan}
                lights={sized.pieces.some((p) => p.part === (sized.plan.boils[0]?.part ?? null) && p.boiled)}
                hot={scalds(formula)}
                hottestC={Math.max(...sized.pieces.map((p) => (p.boiled ? hottestOf(p.boiled.analysis) : 0)))}
                request={{ formula: id, revision, size, shape, ...choice }}
              />
            </For>
          )}
        </div>
      </header>
      <div className="rounded-sheet bg-bar px-5 py-3 print:hidden">
        <Sentence
          formula={formula}
          kitchen={kitchen}
          size={size}
          shape={shape}
          choice={choice}
          plan={sized?.plan ?? null}
          onSizing={onSizing}
          onChoice={setChoice}
        >
          <p role={sized ? undefined : 'alert'} className="ml-auto text-body font-medium text-lemon">
            {sized
              ? summary(sized, say)
              : `${(result as { problem: string }).problem}. The figures wait for a size that works.`}
          </p>
        </Sentence>
      </div>
      {sized && shown && (
        <>
          <div className="flex flex-1 flex-col print:hidden">
            <TabPanel id="batch" className="flex-1">
              <BatchView
                id={id}
                formula={formula}
                kitchen={kitchen}
                conditions={conditions}
                sized={sized}
                shown={shown}
                advice={advice}
                onShow={setPart}
              />
            </TabPanel>
            <TabPanel id="layout">
              <LayoutView formula={formula} sized={sized} conditions={conditions} vessel={vessel} />
            </TabPanel>
            <TabPanel id="after">
              <AfterView sized={sized} conditions={conditions} />
            </TabPanel>
            <TabPanel id="ready">
              <ReadyView
                id={id}
                formula={formula}
                kitchen={kitchen}
                sized={sized}
                conditions={conditions}
                vessel={vessel}
              />
              <div className="mt-4 flex items-center justify-end gap-2">
                <Segments
                  label="Paper"
                  options={[
                    { id: 'a4', label: 'A4' },
                    { id: 'letter', label: 'Letter' },
                  ]}
                  value={paper}
                  onPick={setPaper}
                />
                <Button className="flex items-center gap-2" onClick={() => window.print()}>
                  <Printer size={17} aria-hidden />
                  Print weigh list and batch sheet
                </Button>
              </div>
            </TabPanel>
          </div>
          <PaperSheet
            formula={formula}
            revision={revision}
            sized={sized}
            conditions={conditions}
            room={room}
            sentence={sizeText(formula, size, vessel, say)}
            vessel={vessel}
            paper={paper}
          />
        </>
      )}
    </Tabs>
  )
}
