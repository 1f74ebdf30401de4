import { surfaces } from '../core/surfaces'
import type { z } from 'zod'
import { placedAmong } from '../core/checks/causes'
import { runChecks } from '../core/checks/run'
import type { Finding, Fix, Subject } from '../core/checks/types'
import { subtract, sum } from '../core/decimal/arithmetic'
import { extent } from '../core/data/extent'
import { recordedIn } from '../core/label/context'
import type { Decimal } from '../core/decimal/decimal'
import { joinRegions } from '../core/label/needs'
import { amountOf, isFiniteAmount } from '../core/label/value'
import { DEFAULT_SIZE } from '../core/suggest/axis'
import { evenStep } from '../core/ticks/linear'
import type { Command } from './command'
import { check, checkInput, InputError } from './input'
import { tablesFor } from './locales'

/** The places of a selection among the values that are present. */
function selected(
  selection: readonly number[] | undefined,
  places: readonly number[],
  count: number,
): number[] | undefined {
  const wrong = selection?.find((at) => at >= count)
  if (wrong !== undefined)
    throw new InputError(`selection: ${wrong} is no place among ${count} values; the first is 0`)
  return selection?.flatMap((at) => (places.includes(at) ? [places.indexOf(at)] : []))
}

type Amounts = readonly ReturnType<typeof amountOf>[]
/** Changes between values that are present. */
function changesAmong(
  changes: NonNullable<z.infer<typeof checkInput>['changes']>,
  places: readonly number[],
  amounts: Amounts,
): NonNullable<Subject['changes']> {
  return changes.map(({ from, to, value }, i) => {
    const [first, last] = [amounts[from], amounts[to]]
    if (
      first === undefined ||
      last === undefined ||
      !isFiniteAmount(first) ||
      !isFiniteAmount(last)
    )
      throw new InputError(
        `changes[${i}]: from and to are places of numbers among the ${amounts.length} values`,
      )
    return {
      from: places.indexOf(from),
      to: places.indexOf(to),
      value: value ?? subtract(last, first),
    }
  })
}

/** A fix as it is told: its style is complete; labels by hand that it takes back are null. */
export interface ToldFix extends Pick<
  Fix,
  'id' | 'params' | 'title' | 'style' | 'ticks' | 'filter'
> {
  readonly labels?: null
  readonly total?: null
  readonly aggregate?: string
}
export interface Answer {
  readonly findings: readonly (Omit<Finding, 'fixes'> & { readonly fixes: readonly ToldFix[] })[]
}
const told = (fix: Fix): ToldFix => {
  const { id, params, title, style, ticks, filter, dropsLabels, dropsTotal, aggregate } = fix
  return {
    id,
    params,
    title,
    style,
    ...(ticks ? { ticks } : {}),
    ...(filter ? { filter } : {}),
    ...(dropsLabels ? { labels: null } : {}),
    ...(dropsTotal ? { total: null } : {}),
    ...(aggregate ? { aggregate } : {}),
  }
}

type Input = z.infer<typeof checkInput>
/** The tables of every style and reader of an input. */
function regionsOf({ style, others = [], readers = [] }: Input) {
  const styles = [
    style,
    ...others.map((other) => other.style),
    ...readers.map((locale) => ({ locale })),
  ]
  return joinRegions(styles.map(tablesFor))
}

/** From so many values on, numbers are looked through as doubles. */
const LONG = 2000
/** The places of numbers that are looked through as doubles; null where each is wanted exactly. */
function longPlaces({ values, rows, labels, changes, surface, total, selection }: Input) {
  const isWhole = !rows && !labels && !changes && total === undefined && !selection
  if (values.length < LONG || !isWhole || surfaces[surface].hasTicks) return null
  const places: number[] = []
  for (let at = 0; at < values.length; at++) {
    const value = values[at]
    if (typeof value === 'number') places.push(at)
    else if (value !== null) return null
  }
  return places
}
/** What of a subject is as the input says it, however many values it has. */
function saidOf(input: Input): Omit<Subject, 'values' | 'context'> {
  const { surface, style, others, shares, binned, text, title, readers, rules } = input
  const { aggregate } = input
  const [least, largest] = extent(input.data ?? [])
  const { quantity, width, fontSize = DEFAULT_SIZE } = input
  return {
    surface,
    style,
    others,
    shares,
    binned,
    text,
    title,
    readers,
    rules,
    kind: quantity?.kind,
    role: quantity?.role,
    aggregate,
    data: least && largest && [least, largest],
    room: width === undefined ? undefined : { width, fontSize },
  }
}
/** What is checked of a long column of numbers. */
const longSubject = (input: Input, places: readonly number[]): Subject => ({
  ...saidOf(input),
  values: Float64Array.from(places, (at) => input.values[at] as number),
  context: { ...regionsOf(input), pageWidth: input.width, ...recordedIn(input.quantity) },
})

/** What is checked of an input: its values that are present, and their places. */
function subjectOf(input: Input): { subject: Subject; places: readonly number[] } {
  const long = longPlaces(input)
  if (long) return { subject: longSubject(input, long), places: long }
  const { values, surface, total, selection, changes, labels, rows, quantity } = input
  const amounts = values.map((value, at) => amountOf(value, at))
  const places = amounts.flatMap((amount, at) => (isFiniteAmount(amount) ? [at] : []))
  const present = places.map((at) => amounts[at] as Decimal)
  const picked = selected(selection, places, values.length)
  const summed = () => sum(picked ? picked.map((at) => present[at]!) : present)
  const subject: Subject = {
    ...saidOf(input),
    values: present,
    byHand: labels,
    changes: changes && changesAmong(changes, places, amounts),
    selection: picked,
    rows: rows && places.map((at) => rows[at] ?? {}),
    step: surfaces[surface].hasTicks ? (evenStep(present) ?? undefined) : undefined,
    total: total === true ? summed() : total,
    context: {
      ...regionsOf(input),
      values,
      rows,
      pageWidth: input.width,
      ...recordedIn(quantity),
    },
  }
  return { subject, places }
}

/** Findings of values as a style writes them on a surface. */
function findingsOf(input: unknown): Answer {
  const { subject, places } = subjectOf(check(checkInput, input))
  const findings = runChecks(subject).map((finding) => ({
    ...placedAmong(finding, places),
    fixes: finding.fixes.map(told),
  }))
  return { findings }
}

export const checkCommand: Command = {
  summary:
    'check labels: {"style", "values", "surface"} in, {"findings"} out; ends with 1 where one is an error',
  run: findingsOf,
  isBad: (answer) => (answer as Answer).findings.some(({ severity }) => severity === 'error'),
}
