/** ISO 8601 calendar dates, with or without a time of day. */
const ISO = /^(\d{4})-(\d{2})-(\d{2})(?:[T ]\d{2}:\d{2}(?::\d{2}(?:\.\d+)?)?(?:Z|[+-]\d{2}:?\d{2})?)?$/
const DAY = 86_400_000

/**
 * The day that a text names, counted from 1 January 1970; null where it names none.
 *
 * @example dayOf('2026-04-25') // 20568
 */
export function dayOf(text: string): number | null {
  const found = ISO.exec(text.trim())
  if (!found) return null
  const [year, month, day] = found.slice(1, 4).map(Number) as [number, number, number]
  const time = Date.UTC(year, month - 1, day)
  const back = new Date(time)
  return back.getUTCMonth() === month - 1 && back.getUTCDate() === day ? time / DAY : null
}

/** The day that it is somewhere, by that place's own calendar. */
export const today = (now: Date = new Date()): number => Date.UTC(now.getFullYear(), now.getMonth(), now.getDate()) / DAY

/** A day as a date that formats in UTC. */
export const dateOf = (day: number): Date => new Date(day * DAY)
