'use client'

import {
  type CollisionDetection,
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  pointerWithin,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { GripVertical } from 'lucide-react'
import type { ReactNode } from 'react'

/** A place around rows, which catches what is let go beside them. */
const PLACE = 'place '

/** The row under the pointer; where there is none, the place; by keys, the nearest row or empty place. */
const nearest: CollisionDetection = (args) => {
  const under = pointerWithin(args)
  const row = under.filter((hit) => !String(hit.id).startsWith(PLACE))
  if (row.length > 0) return row
  return under.length > 0 ? under : closestCenter(args)
}

interface DragAreaProps {
  /** What was let go, and the row or the place it was let go over. */
  onDrop(id: string, over: { readonly row: string } | { readonly place: string }): void
  readonly children: ReactNode
}

/** A place in which things are dragged, by pointer or by keys: Space to lift, arrows to move, Space to put down. */
export function DragArea({ onDrop, children }: DragAreaProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const end = ({ active, over }: DragEndEvent): void => {
    if (!over || active.id === over.id) return
    const id = String(over.id)
    onDrop(String(active.id), id.startsWith(PLACE) ? { place: id.slice(PLACE.length) } : { row: id })
  }
  return (
    <DndContext id="drag" sensors={sensors} collisionDetection={nearest} onDragEnd={end}>
      {children}
    </DndContext>
  )
}

export function DragList({ ids, children }: { readonly ids: readonly string[]; readonly children: ReactNode }) {
  return (
    <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
      {children}
    </SortableContext>
  )
}

/** A list that takes what is let go over it, empty or not. */
export function DropPlace({ id, children }: { readonly id: string; readonly children: ReactNode }) {
  const { setNodeRef } = useDroppable({ id: PLACE + id })
  return (
    <ul ref={setNodeRef} className="min-h-3">
      {children}
    </ul>
  )
}

interface DragRowProps {
  readonly id: string
  readonly label: string
  readonly className?: string
  /** Alt with an arrow, anywhere in the row: a quicker way than lifting it. */
  onNudge(by: -1 | 1): void
  readonly children: ReactNode
}

export function DragRow({ id, label, className = '', onNudge, children }: DragRowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id })
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`flex items-start gap-1 bg-sheet ${isDragging ? 'relative z-10 rounded-control outline-2 outline-cherry' : ''} ${className}`}
      onKeyDown={(e) => {
        if (!e.altKey || (e.key !== 'ArrowUp' && e.key !== 'ArrowDown')) return
        e.preventDefault()
        onNudge(e.key === 'ArrowUp' ? -1 : 1)
      }}
    >
      <button
        type="button"
        {...attributes}
        {...listeners}
        aria-label={`Move ${label}`}
        className="mt-1 grid size-8 shrink-0 cursor-grab touch-none place-items-center rounded-inner text-muted hover:bg-marble"
      >
        <GripVertical size={16} aria-hidden />
      </button>
      <div className="min-w-0 flex-1">{children}</div>
    </li>
  )
}
