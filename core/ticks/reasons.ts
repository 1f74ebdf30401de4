/** What speaks for or against a suggestion, as a code with parameters. */
export type Reason =
  | { readonly code: 'length'; readonly count: number }
  | { readonly code: 'exact' | 'tinyError' }
  /** The largest error of a label, in percent of its number. */
  | { readonly code: 'error'; readonly percent: string }
  | { readonly code: 'needlessPowers' | 'turned' }
  | { readonly code: 'finding'; readonly check: string }
  | { readonly code: 'smallType'; readonly size: number }
  | { readonly code: 'endsWithDomain' | 'endsFarFromDomain' | 'zeroIsTick' | 'stepsOfTwoAndAHalf' }
  | { readonly code: 'ticks'; readonly count: number }
  /** Another number of ticks than somebody asked for, or than suits the width. */
  | {
      readonly code: 'otherTicks'
      readonly count: number
      readonly wanted: number
      readonly isAsked: boolean
      readonly isFarOff: boolean
    }

const AGAINST: ReadonlySet<Reason['code']> = new Set([
  'needlessPowers',
  'turned',
  'finding',
  'smallType',
  'endsFarFromDomain',
  'stepsOfTwoAndAHalf',
])

/**
 * Returns whether a reason speaks against a suggestion.
 *
 * @example isAgainst({ code: 'turned' }) // true
 */
export const isAgainst = (reason: Reason): boolean =>
  reason.code === 'otherTicks' ? reason.isFarOff : AGAINST.has(reason.code)
