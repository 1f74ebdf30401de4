import { DIGITS, type Notation, USUAL } from './types'

/** What cells of a clock can be recorded in. */
export const CLOCK_UNITS = ['second', 'minute', 'hour'] as const
/** How a clock is set: days, hours, minutes and seconds, as many of them as it has. */
export const CLOCK_FORMS = ['h:mm', 'h:mm:ss', 'm:ss', 'd h:mm'] as const
export const CLOCK_KINDS = ['duration', 'timeOfDay'] as const

export type ClockUnit = (typeof CLOCK_UNITS)[number]
export type ClockForm = (typeof CLOCK_FORMS)[number]
export const isClockUnit = (counted: string | undefined): counted is ClockUnit =>
  CLOCK_UNITS.some((unit) => unit === counted)

/** What a style says of its clock; what it leaves unsaid is built in. */
interface SaidClock {
  readonly form?: ClockForm
  readonly kind?: (typeof CLOCK_KINDS)[number]
}
/** @example clockOf({}) // { form: 'h:mm', kind: 'duration' } */
export const clockOf = ({ form = 'h:mm', kind = 'duration' }: SaidClock): Required<SaidClock> => ({
  form,
  kind,
})

/** What the last place of a form counts; its decimals are parts of that. */
export const lastOf = (clock: SaidClock): 'second' | 'minute' =>
  clockOf(clock).form.endsWith('ss') ? 'second' : 'minute'

/** Hours, minutes and seconds: 1:30 for an hour and a half. */
export const clock: Notation = {
  ...USUAL,
  id: 'clock',
  title: 'as a clock',
  phrase: 'as a clock',
  isClock: true,
  unsaid: [[() => true, 'hours and minutes']],
  contribute: () => DIGITS,
}
