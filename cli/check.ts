import type { z } from 'zod'
import { runChecks } from '../core/checks/run'
import type { Change, Finding, Subject } from '../core/checks/types'
import { subtract, sum } from '../core/decimal/arithmetic'
import type { Decimal } from '../core/decimal/decimal'
import { joinRegions } from '../core/locale/needs'
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

interface Answer {
  readonly findings: readonly (Omit<Finding, 'fixes'> & {
    readonly fixes: readonly Pick<Change, 'title' | 'style' | 'ticks'>[]
  })[]
}

/** Findings of values as a style writes them on a surface. */
function findingsOf(input: unknown): Answer {
  const {
    style,
    values,
    surface,
    labels,
    others,
    total,
    shares,
    selection,
    readers,
    changes,
    binned,
    text,
    width,
    fontSize,
    rows,
    quantity,
  } = check(checkInput, input)
  const amounts = values.map((value, at) => amountOf(value, at))
  const places = amounts.flatMap((amount, at) => (isFiniteAmount(amount) ? [at] : []))
  const present = places.map((at) => amounts[at] as Decimal)
  const picked = selected(selection, places, values.length)
  const styles = [
    style,
    ...(others ?? []).map((other) => other.style),
    ...(readers ?? []).map((locale) => ({ locale })),
  ]
  const subject: Subject = {
    surface,
    style,
    values: present,
    byHand: labels,
    others,
    shares,
    binned,
    text,
    changes: changes && changesAmong(changes, places, amounts),
    selection: picked,
    readers,
    kind: quantity?.kind,
    room: width === undefined ? undefined : { width, fontSize: fontSize ?? DEFAULT_SIZE },
    rows: rows && places.map((at) => rows[at] ?? {}),
    step: surface === 'axis' ? (evenStep(present) ?? undefined) : undefined,
    total:
      total === true
        ? sum((picked ?? present.map((_, at) => at)).map((at) => present[at]!))
        : total,
    context: {
      ...joinRegions(styles.map(tablesFor)),
      values,
      rows,
      recorded: quantity?.recorded,
    },
  }
  return {
    findings: runChecks(subject).map((finding) => ({
      ...finding,
      at: finding.at.map((at) => places[at]!),
      fixes: finding.fixes.map((fix) => ({
        title: fix.title,
        style: fix.style,
        ...(fix.ticks ? { ticks: fix.ticks } : {}),
      })),
    })),
  }
}

export const checkCommand: Command = {
  summary:
    'check labels: {"style", "values", "surface"} in, {"findings"} out; ends with 1 where one is an error',
  run: findingsOf,
  isBad: (answer) => (answer as Answer).findings.some(({ severity }) => severity === 'error'),
}
