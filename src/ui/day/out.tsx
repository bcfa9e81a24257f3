'use client'

import { CalendarDays, FileJson, Printer, Sheet } from 'lucide-react'
import type { DayView } from '@/contract/day'
import { Menu, MenuItem } from '@/ui/kit/menu'
import { saveFile } from '@/ui/kit/save-file'
import { dayFile } from './files'
import type { Planned } from './use-day'

interface OutProps {
  readonly view: DayView
  readonly planned: Planned
  readonly names: Readonly<Record<string, string>>
  readonly first: number
}

/** The day on the wall, in a calendar, in a spreadsheet. */
export function Out({ view, planned: { plan }, names, first }: OutProps) {
  const save = async (kind: 'calendar' | 'csv' | 'json'): Promise<void> => {
    const { text, name, type } = await dayFile(kind, view.date, plan, first, names)
    saveFile(text, name, type)
  }
  return (
    <Menu name="The day as a file or on paper" label={<Printer size={16} aria-hidden />}>
      <MenuItem onSelect={() => setTimeout(() => window.print())}>
        <Printer size={16} aria-hidden /> On paper, for the wall
      </MenuItem>
      <MenuItem onSelect={() => void save('calendar')}>
        <CalendarDays size={16} aria-hidden /> As a calendar
      </MenuItem>
      <MenuItem onSelect={() => void save('csv')}>
        <Sheet size={16} aria-hidden /> As CSV
      </MenuItem>
      <MenuItem onSelect={() => void save('json')}>
        <FileJson size={16} aria-hidden /> As JSON
      </MenuItem>
    </Menu>
  )
}
