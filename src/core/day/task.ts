/**
 * A day's work as tasks: what each needs, when it may be begun after what came before, how long it takes. Times are
 * seconds from the start of the day's first hour.
 */

/**
 * How much of a person a task takes: all of one (a pot above 110°, a pull, hands on a slab), half of one (a pot below 110°:
 * two can be minded at once), or nobody.
 */
export type Attention = 'whole' | 'half' | 'none'

/** Of a person two halves are there. */
export const halves: Readonly<Record<Attention, number>> = { whole: 2, half: 1, none: 0 }

/** What a task is, for words and looks: getting ready, on the heat, poured, a handwork, waiting, washing up. */
export type TaskKind = 'ready' | 'cook' | 'pull' | 'work' | 'wash'

export interface Lag {
  /** Id of the task that comes before. */
  readonly task: string
  /** s from its end to this one's begin: no sooner, and no later where it would spoil. */
  readonly least: number
  readonly most: number
}

export interface Task {
  readonly id: string
  /** Which item of the day, and which of its boils, from 1. */
  readonly item: string
  readonly boil: number
  readonly kind: TaskKind
  /** What is done: a handwork's kind for a work. */
  readonly what: string
  readonly seconds: number
  readonly attention: Attention
  /** Must be with the person who did this task: nobody hands a pot over above 110°. */
  readonly with?: string
  readonly after: readonly Lag[]
}

/** A thing a block holds from the begin of one of its tasks to the end of another. */
export interface Hold {
  /** "ring left-gas", "pot copper-9", "mould drops-54": things of one name are alike, and there are `capacity` of them. */
  readonly thing: string
  readonly count: number
  readonly from: string
  readonly to: string
}

/** One way of doing a block: durations and things may differ by pot and ring. */
export interface Way {
  readonly name: string
  readonly tasks: readonly Task[]
  readonly holds: readonly Hold[]
}

/** Tasks that hang together in time: a boil with all that follows its pour. Done in one of its ways. */
export interface Block {
  readonly id: string
  readonly ways: readonly [Way, ...Way[]]
  /** Blocks whose tasks come before, by id. */
  readonly needs: readonly string[]
}

export interface Person {
  readonly id: string
  readonly hours: readonly (readonly [number, number])[]
  /** Kinds of tasks this one does not do. */
  readonly spared: readonly TaskKind[]
}

export interface DayTask {
  readonly blocks: readonly Block[]
  /** Persons, by role; each with the stretches they are there, s, in order: today's, and tomorrow's for what sets overnight. */
  readonly people: readonly Person[]
  /** How many there are of each thing. */
  readonly things: Readonly<Record<string, number>>
  /** When the first thing may be done, and when all should be, s. */
  readonly from: number
  readonly by: number
  /** Tasks somebody has put at a moment, s: they begin no sooner, and everything else makes room. */
  readonly pins: Readonly<Record<string, number>>
}

/** A task with its moment and its person; null where it takes nobody. */
export interface Placed {
  readonly task: Task
  readonly block: string
  readonly start: number
  readonly end: number
  readonly person: string | null
}

export interface Held {
  readonly thing: string
  readonly count: number
  readonly block: string
  readonly start: number
  readonly end: number
}

export interface DayPlan {
  readonly placed: readonly Placed[]
  readonly held: readonly Held[]
  /** Way chosen of each block, by its name. */
  readonly ways: Readonly<Record<string, string>>
  /** The order blocks were given their place in, and what was put off though it could have been sooner, s by task. */
  readonly order: readonly string[]
  readonly delays: Readonly<Record<string, number>>
  /** When the last of what is ready in time is; of all, where none is. */
  readonly end: number
  /** Blocks that are ready only after the hour that was asked for. */
  readonly late: readonly string[]
  /** Blocks that found no place before the day was out. */
  readonly missing: readonly string[]
}
