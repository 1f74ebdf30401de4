import { toText } from '../core/decimal/decimal'
import { labeller } from '../core/label/labeller'
import type { Reading } from '../core/label/readback'
import { resolve } from '../core/label/resolve'
import type { Style } from '../core/style/fields'
import { decimalsOf, linearTicks } from '../core/ticks/linear'
import { check, labelInput, readInput, ticksInput } from './input'

export interface CommandOptions {
  readonly parts?: boolean
}
export interface Command {
  readonly summary: string
  run(input: unknown, options: CommandOptions): unknown
}

const numberText = (value: Reading['candidates'][number]): string =>
  typeof value === 'object' ? toText(value) : value < 0 ? '-Infinity' : 'Infinity'

const label: Command = {
  summary: 'write values: {"style", "values"} in, {"labels"} out',
  run(input, { parts }) {
    const { style, values, quantity } = check(labelInput, input)
    const write = labeller(resolve(style, { values, recorded: quantity?.recorded }))
    const labels = write.labels(values)
    return parts ? { labels, parts: values.map((value) => write.parts(value)) } : { labels }
  },
}

const read: Command = {
  summary: 'read labels back: {"style", "labels"} in, {"values", "problems"} out',
  run(input) {
    const { style, labels, values, quantity } = check(readInput, input)
    const write = labeller(resolve(style, { values, recorded: quantity?.recorded }))
    const readings = labels.map((one) => write.read(one))
    return {
      values: readings.map(({ value }) => (value === null ? null : numberText(value))),
      problems: readings.flatMap(({ value, missing, candidates }, at) => (value !== null || missing ? [] : [{ at, candidates: candidates.map(numberText) }])),
    }
  },
}

const ticks: Command = {
  summary: 'place ticks: {"domain", "step" or "count"} in, {"step", "ticks"} out',
  run(input) {
    const { style, quantity, ...request } = check(ticksInput, input)
    const { step, values } = linearTicks(request)
    const decimals = decimalsOf(step)
    const telling: Style = { fraction: [decimals, decimals] }
    const texts = values.map(toText)
    const write = labeller(resolve(style ?? telling, { values: texts, recorded: quantity?.recorded }))
    return {
      step: toText(step),
      ticks: texts.map((value) => {
        const written = write.label(value)
        const { value: back } = write.read(written)
        return { value, label: written, readsBack: back === null ? null : numberText(back) }
      }),
    }
  },
}

/** Every command, by its name. */
export const commands: Record<string, Command> = { label, read, ticks }
