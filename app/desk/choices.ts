import { labeller } from '~~/core/label/labeller'
import { type Context, resolve } from '~~/core/label/resolve'
import type { Value } from '~~/core/label/types'
import { type FieldName, FIELD_NAMES, fields, type FullStyle, type Style } from '~~/core/style/fields'
import type { Phrase } from '~~/core/style/phrases'

/** A choice in a phrase's list, written with the study's own numbers. */
export interface Choice {
  readonly key: string
  readonly title: string
  readonly patch: Style
  readonly sample: string
}
export interface SentencePhrase {
  readonly field: FieldName
  readonly lead: string
  readonly name: string
  readonly key: string
  readonly title: string
  /** Whether it says what nobody set and few set; it waits until it is asked for. */
  readonly rare: boolean
}

/** Phrases that every sentence has; the others stand in it once they are set. */
const USUAL: readonly FieldName[] = ['notation', 'rung', 'exponent', 'multipleOf', 'fraction', 'grouping', 'unit']

const phraseOf = (field: FieldName) => fields[field].phrase as Phrase<unknown> | undefined
const keyOf = (value: unknown): string => JSON.stringify(value)

/** The phrases that the sentence of a style has, in order. */
export function sentenceOf(style: FullStyle): SentencePhrase[] {
  return FIELD_NAMES.flatMap((field) => {
    const phrase = phraseOf(field)
    if (!phrase?.applies(style)) return []
    const value = style[field]
    const rare = !USUAL.includes(field) && keyOf(value) === keyOf(fields[field].byDefault)
    return [{ field, lead: phrase.lead, name: phrase.name, key: keyOf(value), title: phrase.say(value, style), rare }]
  })
}

/** Decimals and significant digits take each other's place. */
function replaced(field: FieldName, value: unknown): Style {
  if (field === 'significant' && value !== null) return { fraction: null }
  return field === 'fraction' ? { significant: null } : {}
}

/**
 * The choices of a phrase, each with the samples as it would write them.
 *
 * @param samples a few telling values
 */
export function choicesOf(field: FieldName, style: FullStyle, samples: readonly Value[], context: Context): Choice[] {
  const phrase = phraseOf(field)
  if (!phrase) return []
  const listed = phrase.choices(style)
  const own = style[field]
  const values = listed.some((value) => keyOf(value) === keyOf(own)) ? listed : [own, ...listed]
  return values.map((value) => {
    const patch = { ...replaced(field, value), [field]: value } as Style
    return { key: keyOf(value), title: phrase.say(value, style), patch, sample: labeller(resolve({ ...style, ...patch }, context)).labels(samples).join('   ') }
  })
}
