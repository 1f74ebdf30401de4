import { toText } from '../core/decimal/decimal'
import { amountOf, isFiniteAmount } from '../core/label/value'
import { suggest } from '../core/suggest/suggest'
import { evenStep } from '../core/ticks/linear'
import { placeTicks } from '../core/ticks/place'
import type { Command } from './command'
import { check, InputError, suggestInput } from './input'
import { tablesFor } from './locales'

export const suggestCommand: Command = {
  summary: 'suggest styles: {"values" or "domain", "surface"} in, {"suggestions"} out, best first',
  run(input) {
    const { values: given, domain, surface, locale, form, quantity } = check(suggestInput, input)
    const values = domain ? placeTicks({ domain }).ticks.map(({ value }) => value) : given!.map((value, at) => amountOf(value, at)).filter(isFiniteAmount)
    if (values.length === 0) throw new InputError('values: all are missing; give at least one number')
    const style = locale === undefined ? {} : { locale }
    const suggestions = suggest({
      surface, style, values, kind: quantity?.kind,
      step: surface === 'axis' ? (evenStep(values) ?? undefined) : undefined,
      context: { ...tablesFor(style), recorded: quantity?.recorded },
    }, form)
    return { suggestions: suggestions.map((one) => ({ ...one, values: values.map(toText) })) }
  },
}
