import { surfaces } from '../core/surfaces'
import { recordedIn } from '../core/label/context'
import { toText } from '../core/decimal/decimal'
import { amountOf, isFiniteAmount } from '../core/label/value'
import { type AxisChoice, DEFAULT_SIZE, suggestAxis } from '../core/suggest/axis'
import type { Scored } from '../core/ticks/search'
import { suggest } from '../core/suggest/suggest'
import { countedBy } from '../core/ticks/counted'
import { evenStep } from '../core/ticks/linear'
import { placeTicks } from '../core/ticks/place'
import type { Command } from './command'
import { check, InputError, suggestInput } from './input'
import { tablesFor } from './locales'
import type { Reason } from '../core/ticks/reasons'
import { suggestionReasonTexts } from '../words/suggestionReason'

/** Reasons as texts, and their codes beside them. */
const told = (reasons: readonly Reason[]) => ({
  reasons: suggestionReasonTexts(reasons),
  codes: reasons.map(({ code }) => code),
})

/** A suggestion for an axis as the command prints it. */
const axisSuggestion = ({ ticks, choice, score }: Scored<AxisChoice>) => ({
  style: choice.style,
  labels: choice.labels,
  values: ticks.values.map(toText),
  score,
  ...told(choice.reasons),
  step: toText(ticks.step),
  fontSize: choice.fontSize,
  turned: choice.turned,
})

export const suggestCommand: Command = {
  summary: 'suggest styles: {"values" or "domain", "surface"} in, {"suggestions"} out, best first',
  run(input) {
    const {
      values: given,
      domain,
      surface,
      locale,
      form,
      width,
      fontSize = DEFAULT_SIZE,
      quantity,
    } = check(suggestInput, input)
    const counted = countedBy(quantity?.measure)
    const common = locale === undefined ? {} : { locale }
    const context = { ...tablesFor(common), ...recordedIn(quantity) }
    if (domain && width !== undefined && surfaces[surface].hasTicks) {
      const found = suggestAxis({
        domain,
        style: common,
        width,
        fontSize,
        form,
        kind: quantity?.kind,
        counted,
        context,
      })
      return { suggestions: found.map(axisSuggestion) }
    }
    const values = domain
      ? placeTicks({ domain, counted }).ticks.map(({ value }) => value)
      : given!.map((value, at) => amountOf(value, at)).filter(isFiniteAmount)
    if (values.length === 0)
      throw new InputError('values: all are missing; give at least one number')
    const suggestions = suggest(
      {
        surface,
        style: common,
        values,
        kind: quantity?.kind,
        context,
        room: width === undefined ? undefined : { width, fontSize },
        step: surfaces[surface].hasTicks ? (evenStep(values) ?? undefined) : undefined,
      },
      form,
    )
    return {
      suggestions: suggestions.map((one) => ({
        ...one,
        ...told(one.reasons),
        values: values.map(toText),
      })),
    }
  },
}
