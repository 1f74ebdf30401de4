import { decimal, toText } from '../core/decimal/decimal'
import { sharedField, unitColumn } from '../core/style/dependencies'
import { type Labeller, labeller } from '../core/label/labeller'
import { readAs } from '../core/label/readas'
import { readBack, type ReadNumber } from '../core/label/readback'
import { saidEnds, saidText } from '../core/label/said'
import { type Context, recordedIn } from '../core/label/context'
import { resolve } from '../core/label/resolve'
import { regionOf } from '../core/label/region'
import type { Row, Value } from '../core/label/types'
import { ladderOf } from '../core/ladders/find'
import type { Style } from '../core/style/fields'
import { inherit } from '../core/style/inherit'
import { suggestAxis } from '../core/suggest/axis'
import { speaker } from '../core/text/spoken'
import { spokenPlan, spokenStyle } from '../core/text/words'
import { countedBy } from '../core/ticks/counted'
import { stepStyle, type TickRequest } from '../core/ticks/place'
import { placeShown, shownUnitOf } from '../core/ticks/shown'
import { checkCommand } from './check'
import { convertCommand } from './convert'
import { tablesFor } from './locales'
import { suggestCommand } from './suggest'
import type { Command } from './command'
import {
  check,
  InputError,
  isInputError,
  labelInput,
  lineInput,
  linesInput,
  readInput,
  readJson,
  rungsInput,
  ticksInput,
} from './input'

/** What a label says, as JSON: decimal text, or the ends of an interval. */
const saidJson = (said: ReadNumber) => saidEnds(said) ?? saidText(said)
const readText = (said: ReadNumber | null) => (said === null ? null : saidJson(said))

const label: Command = {
  summary: 'write values: {"style", "values", "rows"?} in, {"labels", "title"?} out',
  run(input, { parts, spoken }) {
    const { style, values, rows, quantity, pageWidth } = check(labelInput, input)
    const context = {
      ...tablesFor(spoken ? spokenStyle(style) : style),
      values,
      rows,
      pageWidth,
      ...recordedIn(quantity),
    }
    const plan = resolve(style, context)
    const say = spoken && speaker(plan, spokenPlan(plan, style, context))
    const write = labeller(plan)
    return {
      labels: write.labels(values, rows),
      ...(plan.title === null ? {} : { title: plan.title }),
      ...(say ? { spoken: values.map((one, at) => say(one, rows?.[at])) } : {}),
      ...(parts ? { parts: values.map((one, at) => write.parts(one, rows?.[at])) } : {}),
    }
  },
}

const read: Command = {
  summary: 'read labels back: {"style", "labels", "reader"?} in, {"values", "problems"} out',
  run(input) {
    const { style, labels, values, rows, quantity, reader, pageWidth } = check(readInput, input)
    const plan = resolve(style, {
      ...tablesFor(style),
      values,
      rows,
      pageWidth,
      ...recordedIn(quantity),
    })
    const region = reader === undefined ? null : regionOf(reader, tablesFor({ locale: reader }))
    const readings = labels.map((one) => (region ? readAs(one, plan, region) : readBack(one, plan)))
    return {
      values: readings.map(({ value }) => readText(value)),
      problems: readings.flatMap(({ value, missing, candidates }, at) =>
        value !== null || missing ? [] : [{ at, candidates: candidates.map(saidJson) }],
      ),
    }
  },
}

const rungs: Command = {
  summary: 'list a ladder: {"ladder"} in, {"rungs"} out',
  run(input) {
    return { rungs: ladderOf(check(rungsInput, input).ladder).rungs }
  },
}

/**
 * Whether an axis leaves its ticks to the search: a linear one without a step or positions of its
 * own.
 */
const isOpen = ({ kind, step, positions, multipleOf }: TickRequest): boolean =>
  (kind ?? 'linear') === 'linear' &&
  step === undefined &&
  positions === undefined &&
  multipleOf === undefined

const ticks: Command = {
  summary: 'place ticks: {"domain", "step" or "count" …} in, {"step", "ticks"} out',
  run(input) {
    const { style, quantity, width, ...asked } = check(ticksInput, input)
    const given = { ...asked, counted: asked.counted ?? countedBy(quantity?.measure) }
    const found =
      width !== undefined && isOpen(given)
        ? suggestAxis(
            {
              domain: given.domain,
              style: style ?? {},
              keepsStyle: style !== undefined,
              width,
              count: given.count,
              counted: given.counted,
              context: { ...tablesFor(style ?? {}), pageWidth: width, ...recordedIn(quantity) },
            },
            1,
          )[0]
        : undefined
    const request = found
      ? {
          ...given,
          domain: [found.ticks.values[0]!, found.ticks.values.at(-1)!] as const,
          step: toText(found.ticks.step),
        }
      : given
    const unit = style && shownUnitOf(inherit(style), recordedIn(quantity))
    const placed = placeShown(request, unit)
    const texts = placed.ticks.map(({ value }) => toText(value))
    const used = style ?? found?.choice.style ?? stepStyle(request, placed)
    const step = placed.step !== null && !request.multipleOf ? decimal(placed.step) : undefined
    const write = labeller(
      resolve(used, {
        ...tablesFor(used),
        values: texts,
        step,
        pageWidth: width,
        ...recordedIn(quantity),
      }),
    )
    const labels = write.labels(texts)
    return {
      step: placed.step,
      ticks: placed.ticks.map(({ factor }, at) => ({
        value: texts[at],
        ...(factor === undefined ? {} : { factor }),
        label: labels[at],
        readsBack: readText(write.read(labels[at]!).value),
      })),
      ...(request.minor ? { minor: placed.minor.map(toText) } : {}),
    }
  },
}

/** Every command, by its name. */
export const commands: Record<string, Command> = {
  label,
  read,
  rungs,
  ticks,
  check: checkCommand,
  suggest: suggestCommand,
  convert: convertCommand,
}

/**
 * A labeller for each unit that the rows name as they come; one for all where the style names
 * it.
 */
function writersByUnit(style: Style, context: Context): (row?: Row) => Labeller {
  const column = unitColumn(inherit(style))
  const kept = new Map<unknown, Labeller>()
  return (row) => {
    const key = column === null ? null : row?.[column]
    const found = kept.get(key) ?? labeller(resolve(style, { ...context, rows: row && [row] }))
    kept.set(key, found)
    return found
  }
}

/** What is shared is decided over all values, and lines come one by one. */
function refuseShared(style: Style): void {
  const field = sharedField(style)
  if (field)
    throw new InputError(
      field === 'fraction'
        ? 'style.fraction: "step" is decided over all values, and here they come line by line; give it [least, most], or label all values at once without --lines'
        : `style.${field}: "shared" is decided over all values, and here they come line by line; give it a power, or label all values at once without --lines`,
    )
}
function labelOf(
  writerFor: (row?: Row) => Labeller,
  value: Value,
  row: Row | undefined,
  from: string,
): string {
  try {
    return writerFor(row).label(value, row)
  } catch (error) {
    if (!isInputError(error)) throw error
    throw new InputError(`${from}: ${error.message}`)
  }
}

/**
 * Labels line by line: the first line gives the style, every other a value or a value with its
 * row; a JSON string a line comes out. Blank lines are left out.
 *
 * @throws InputError naming the line
 */
export async function* labelLines(lines: AsyncIterable<string>): AsyncGenerator<string> {
  let writerFor: ((row?: Row) => Labeller) | undefined
  let number = 0
  for await (const line of lines) {
    number++
    if (line.trim() === '') continue
    const from = `line ${number}`
    const input = readJson(line, from)
    if (!writerFor) {
      const { style, quantity, pageWidth } = check(linesInput, input, from)
      refuseShared(style)
      writerFor = writersByUnit(style, {
        ...tablesFor(style),
        pageWidth,
        ...recordedIn(quantity),
      })
      continue
    }
    const given = check(lineInput, input, from)
    const [value, row] =
      typeof given === 'object' && given !== null ? [given.value, given.row] : [given, undefined]
    yield JSON.stringify(labelOf(writerFor, value, row, from))
  }
}
