import { TOGETHER_FIELDS } from '../../core/style/together'
import type { FieldName, Style } from '../../core/style/fields'
import type { StudyDocument } from './document'
import type { Quantity } from './quantity'

const FIELDS: ReadonlySet<string> = new Set(TOGETHER_FIELDS)
const without = (style: Style): Style =>
  Object.fromEntries(Object.entries(style).filter(([field]) => !FIELDS.has(field as FieldName)))
/** Own styles of some places without what is read together; those in which nothing is left go. */
const withoutAll = <Styles extends Partial<Record<string, Style>>>(styles: Styles | undefined) =>
  styles &&
  (Object.fromEntries(
    Object.entries(styles)
      .map(([place, style]) => [place, without(style!)] as const)
      .filter(([, style]) => Object.keys(style).length > 0),
  ) as Styles)

/**
 * The other quantities that are read together with one.
 *
 * @example membersWith(document, revenue.id) // those of its set, without itself
 */
export function membersWith({ together, quantities }: StudyDocument, id: string): Quantity[] {
  const set = together?.find((one) => one.includes(id)) ?? []
  return quantities.filter((one) => one.id !== id && set.includes(one.id))
}

/** A study in which quantities are no longer read together with others. */
export function apart(document: StudyDocument, ids: readonly string[]): StudyDocument {
  const sets = (document.together ?? [])
    .map((set) => set.filter((id) => !ids.includes(id)))
    .filter((set) => set.length > 1)
  return { ...document, together: sets.length > 0 ? sets : undefined }
}

/**
 * A study in which quantities are read together: each is written by one style, on every surface, and
 * what says otherwise somewhere goes.
 *
 * @param style what they have alike
 */
export function joined(
  document: StudyDocument,
  ids: readonly string[],
  style: Style,
): StudyDocument {
  const rest = apart(document, ids)
  const quantities = document.quantities.map((one) =>
    ids.includes(one.id)
      ? {
          ...one,
          style: { ...without(one.style), ...style },
          surfaces: withoutAll(one.surfaces),
          chart: { ...one.chart, partStyles: withoutAll(one.chart.partStyles) },
        }
      : one,
  )
  return { ...rest, quantities, together: [...(rest.together ?? []), [...ids]] }
}
