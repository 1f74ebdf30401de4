import { labeller } from '~~/core/label/labeller'
import type { Context } from '~~/core/label/context'
import { regionOf } from '~~/core/label/region'
import { resolve } from '~~/core/label/resolve'
import { typedDecimal } from '~~/core/label/typed'
import type { Value } from '~~/core/label/types'
import {
  DEFAULTS,
  type FieldName,
  FIELD_NAMES,
  fields,
  type FullStyle,
  type Style,
} from '~~/core/style/fields'
import { withDigits } from '~~/core/style/digits'
import { resolvedOr, whereResolved } from '~~/core/error'
import { parseStyle } from '~~/core/style/parse'
import type { Phrase } from '~~/core/style/phrases/types'

/** A choice in a phrase's list, written with the study's own numbers. */
export interface Choice {
  readonly key: string
  readonly title: string
  readonly patch: Style
  readonly sample: string
  /** Why the rest of the style rules it out; empty where it does not. */
  readonly refused: string
}
export interface SentencePhrase {
  readonly field: FieldName
  readonly lead: string
  readonly name: string
  readonly key: string
  readonly title: string
  /** Whether it says what nobody set here and few set; it waits until it is asked for. */
  readonly rare: boolean
}

/** Phrases that every sentence has; the others stand in it once they are set. */
const USUAL: readonly FieldName[] = [
  'notation',
  'rung',
  'exponent',
  'multipleOf',
  'clock',
  'fraction',
  'grouping',
  'unit',
]

/** The phrase of a field; undefined where the sentence has none for it. */
export const phraseOf = (field: FieldName) => fields[field].phrase as Phrase<unknown> | undefined
const keyOf = (value: unknown): string => JSON.stringify(value)

/**
 * The phrases that the sentence of a style has, in order.
 *
 * @param inherited what the style would be if nothing were set on its own level
 */
export function sentenceOf(style: FullStyle, inherited: FullStyle = DEFAULTS): SentencePhrase[] {
  const written = withDigits(style)
  return FIELD_NAMES.flatMap((field) => {
    const phrase = phraseOf(field)
    if (!phrase?.applies(written)) return []
    const value = written[field]
    const rare = !USUAL.includes(field) && keyOf(value) === keyOf(inherited[field])
    return [
      {
        field,
        lead: phrase.lead,
        name: phrase.name,
        key: keyOf(value),
        title: phrase.say(value, written),
        rare,
      },
    ]
  })
}

/** What is left of a phrase's list: what is typed, and what comes of it. */
export interface Typed {
  readonly hint: string
  /** What the text may mean, the likeliest first. */
  read(text: string): { choices: readonly Choice[] } | { trouble: string }
}

/** Decimals and significant digits take each other's place. */
function replaced(field: FieldName, value: unknown): Style {
  if (field === 'significant' && value !== null) return { fraction: null }
  return field === 'fraction' ? { significant: null } : {}
}

/** What choices are written with. */
export interface Desk {
  readonly style: FullStyle
  /** A few extreme values. */
  readonly samples: readonly Value[]
  readonly context: Context
  /** Values that this study adds to a phrase's list. */
  readonly more: Partial<Record<FieldName, readonly unknown[]>>
  /** Whether the regions that a style needs are at hand. */
  has(style: Style): boolean
}

function choiceOf(
  field: FieldName,
  phrase: Phrase<unknown>,
  value: unknown,
  { style, samples, context, has }: Desk,
): Choice {
  const patch = { ...replaced(field, value), [field]: value } as Style
  const whole = { ...style, ...patch }
  const sample = has(whole) ? labeller(resolve(whole, context)).labels(samples).join('   ') : '…'
  return { key: keyOf(value), title: phrase.say(value, style), patch, sample, refused: '' }
}
/** A choice, or why the rest of the style rules it out. */
const choiceOrReason = (
  field: FieldName,
  phrase: Phrase<unknown>,
  value: unknown,
  desk: Desk,
): Choice =>
  resolvedOr(
    () => choiceOf(field, phrase, value, desk),
    (refused) => ({
      ...{ key: keyOf(value), title: phrase.say(value, desk.style) },
      ...{ patch: {}, sample: '', refused },
    }),
  )

/**
 * The choices of a phrase, each with the samples as it would write them, or with the reason why the
 * rest of the style rules it out.
 */
export function choicesOf(field: FieldName, desk: Desk): Choice[] {
  const phrase = phraseOf(field)
  if (!phrase) return []
  const { style } = desk
  const listed = [...phrase.choices(style), ...(desk.more[field] ?? [])]
  const own = withDigits(style)[field]
  const values = listed.some((value) => keyOf(value) === keyOf(own)) ? listed : [own, ...listed]
  return values.map((value) => choiceOrReason(field, phrase, value, desk))
}

/** How another value than the listed ones is typed; null for a phrase that has no others. */
export function typedOf(field: FieldName, desk: Desk): Typed | null {
  const phrase = phraseOf(field)
  const typed = phrase?.typed
  if (!typed) return null
  return {
    hint: typed.hint,
    read(text) {
      const number =
        typed.isNumber && text.trim()
          ? typedDecimal(text, regionOf(desk.style.locale, desk.context))
          : { text }
      if ('trouble' in number) return number
      const choose = (read: unknown): Choice => {
        const value = (parseStyle({ [field]: read }) as Record<string, unknown>)[field]
        const choice = choiceOf(field, phrase, value, desk)
        return typed.say ? { ...choice, title: typed.say(value) } : choice
      }
      const others = (typed.others?.(number.text) ?? []).flatMap(
        (read) => whereResolved(() => choose(read)) ?? [],
      )
      try {
        return { choices: [choose(typed.read(number.text)), ...others] }
      } catch (error) {
        return others.length > 0 ? { choices: others } : { trouble: (error as Error).message }
      }
    },
  }
}
