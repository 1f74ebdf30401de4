import type { Question, TaskName } from './tasks'

/** What a child process is started with. */
export interface Start {
  readonly task: TaskName
  readonly given: unknown
}
/** What it says: how far it is, what it asks, what it made, or why it could not. */
export type Said =
  | { readonly done: number }
  | { readonly question: Question; readonly asks: unknown }
  | { readonly made: unknown }
  | { readonly trouble: string; readonly kind: string }
/** What it is answered. */
export type Answer = { readonly gets: unknown } | { readonly trouble: string }
