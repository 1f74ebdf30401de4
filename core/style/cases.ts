import type { StyleCase } from './schemas'

type When = StyleCase['when']
/** What a case by size or by width reaches from and to. */
const rangeOf = (when: Exclude<When, { column: string }>): readonly [number, number] => {
  const { from = -Infinity, to = Infinity } = 'magnitude' in when ? when.magnitude : when.width
  return [from, to]
}

/** The part of what a condition takes that an earlier one takes first: all of it, some, or none. */
function takenBy(earlier: When, later: When): 'all' | 'some' | 'none' {
  if ('column' in earlier && 'column' in later) {
    if (earlier.column !== later.column) return 'none'
    const taken = later.is.filter((text) => earlier.is.includes(text)).length
    if (taken === later.is.length) return 'all'
    return taken > 0 ? 'some' : 'none'
  }
  if ('column' in earlier || 'column' in later) return 'none'
  if ('width' in earlier !== 'width' in later) return 'none'
  const [[from, to], [low, high]] = [rangeOf(earlier), rangeOf(later)]
  if (from <= low && to >= high) return 'all'
  return from < high && low < to ? 'some' : 'none'
}

/** A case that another one before it keeps from being used, wholly or in part. */
export interface CaseProblem {
  /** Its place among the cases. */
  readonly at: number
  readonly by: number
  readonly isUnreachable: boolean
}

/**
 * The cases that are never used, or not for all that they name, since the first that matches is.
 *
 * @example caseProblems([{ when: { column: 'site', is: ['a'] }, use: {} }, { when: { column: 'site', is: ['a'] }, use: {} }]) // [{ at: 1, by: 0, isUnreachable: true }]
 */
export function caseProblems(cases: readonly StyleCase[]): CaseProblem[] {
  return cases.flatMap(({ when }, at) => {
    const before = cases.slice(0, at).map((one) => takenBy(one.when, when))
    const all = before.indexOf('all')
    if (all >= 0) return [{ at, by: all, isUnreachable: true }]
    const some = before.indexOf('some')
    // Several that each take some can take all of a list of texts together.
    const named = 'column' in when ? when : null
    const isSpent =
      named !== null &&
      named.is.every((text) =>
        cases
          .slice(0, at)
          .some(
            (one) =>
              'column' in one.when &&
              one.when.column === named.column &&
              one.when.is.includes(text),
          ),
      )
    return some >= 0 ? [{ at, by: some, isUnreachable: isSpent }] : []
  })
}

const power = (exponent: number) => ['1', '10'][exponent] ?? `10^${exponent}`
function widthWords({ from, to }: { from?: number; to?: number }): string {
  if (from !== undefined && to !== undefined) return `on pages of ${from} to below ${to} px`
  if (from !== undefined) return `on pages from ${from} px on`
  return to === undefined ? 'on every page' : `on pages below ${to} px`
}
/**
 * What a case is for, in words.
 *
 * @example caseWords({ magnitude: { from: 6 } }) // 'from 10^6 on'
 */
export function caseWords(when: When): string {
  if ('column' in when) return `where ${when.column} is ${when.is.join(' or ')}`
  if ('width' in when) return widthWords(when.width)
  const { from, to } = when.magnitude
  if (from !== undefined && to !== undefined) return `from ${power(from)} to below ${power(to)}`
  if (from !== undefined) return `from ${power(from)} on`
  return to === undefined ? 'for every size' : `below ${power(to)}`
}
