'use client'

import type { KitchenView } from '@/contract/kitchen'
import type { LiveCook } from '../stove'
import type { Acts } from '../use-acts'
import { AddedPanel } from './added'
import { AidPanel } from './aid'
import { CountPanel } from './count'
import { DepthPanel } from './depth'
import { EndPanel } from './end'
import { HeatPanel } from './heat'
import { KeepPanel } from './keep'
import { LayPanel } from './lay'
import { LogPanel } from './log'
import { NotePanel } from './note'
import { ReadingPanel } from './reading'
import { RescuePanel } from './rescue'
import { TestsPanel } from './tests'
import { TouchPanel } from './touch'

interface Props {
  readonly live: LiveCook
  readonly acts: Acts
  /** The house's own names for colours. */
  readonly shades: KitchenView['shade']
}

/** The panel that is open in place of the acts; nothing while none is. */
export function OpenPanel({ live, acts, shades }: Props) {
  const { boil } = live.log
  const back = { onBack: () => acts.open('acts'), onAct: acts.act }
  switch (acts.panel) {
    case 'test':
      return <TestsPanel stages={live.analysis.stages} shades={shades} {...back} />
    case 'heat':
      return <HeatPanel dial={live.cook.state.dial} {...back} />
    case 'note':
      return (
        <NotePanel
          onTrouble={live.rescue && (() => acts.open('rescue'))}
          onLog={() => acts.open('log')}
          onEnd={() => acts.open('end')}
          onAdded={() => acts.open('added')}
          onCount={live.finish ? () => acts.open('count') : null}
          next={live.pot.doNow.step}
          {...back}
        />
      )
    case 'added':
      return <AddedPanel formula={boil.formula} {...back} />
    case 'reading':
      return (
        <ReadingPanel
          thermometer={boil.probe.thermometer}
          typed={acts.typed}
          onLog={acts.logTyped}
          onBack={back.onBack}
        />
      )
    case 'touch':
      return live.finish ? (
        <TouchPanel
          finish={live.finish}
          probed={boil.channel !== null}
          onDepth={() => acts.open('depth')}
          onReading={() => acts.open('reading')}
          {...back}
        />
      ) : null
    case 'depth':
      return live.finish ? <DepthPanel finish={live.finish} {...back} /> : null
    case 'lay':
      return live.finish ? (
        <LayPanel finish={live.finish} conditions={boil.conditions} now={live.now} {...back} />
      ) : null
    case 'count':
      return <CountPanel planned={boil.plan.pieces} forming={live.finish?.forming != null} {...back} />
    case 'keep':
      return (
        <KeepPanel
          formula={boil.formula}
          analysis={live.analysis}
          conditions={boil.conditions}
          pieceGrams={boil.plan.pieceGrams}
          onBack={back.onBack}
        />
      )
    case 'log':
      return (
        <LogPanel events={live.snapshot.events} formula={boil.formula} onAmend={(e) => acts.open('log', e)} {...back} />
      )
    case 'end':
      return <EndPanel {...back} />
    case 'aid':
      return <AidPanel onBack={back.onBack} />
    case 'rescue':
      return live.rescue ? (
        <RescuePanel context={live.rescue} first={live.past.trouble ? 'too-far' : null} {...back} />
      ) : null
    case 'acts':
      return null
  }
}
