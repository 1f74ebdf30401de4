import type { Subject } from '../../core/checks/types'
import type { Surface } from '../../core/surfaces'
import type { Cell } from '../quantities'
import type { MarkText } from './marks'
import type { AxisPart } from './scales'

/** What is checked: a subject as it is, or one whose values are a column's cells. */
export type CheckedSubject =
  | (Subject & {
      /** The axes of panels that have one each: all of the subject, one after the other. */
      readonly axes?: readonly AxisPart[] | undefined
    })
  | (Omit<Subject, 'values' | 'rows'> & {
      readonly cells: Float64Array | readonly Cell[]
      readonly caseRows?: Subject['rows']
    })

/** What is checked of a surface. */
export interface PlacedSubject {
  readonly surface: Surface
  /** The quantity, where it is another than the page's. */
  readonly other?: { readonly id: string; readonly title: string } | undefined
  readonly subject: CheckedSubject
}

/**
 * What stands on the line of each mark's label besides it, or on the other one; undefined where
 * nothing does.
 */
export function partsOn(
  beside: readonly (readonly MarkText[])[],
  where: 'around' | 'below',
): string[] | undefined {
  const textOf = (parts: readonly MarkText[]) => {
    const own = parts.find(({ part }) => part === 'value')?.line
    return parts
      .filter(({ part, line }) => part !== 'value' && (line === own) === (where === 'around'))
      .map(({ text }) => ` ${text}`)
      .join('')
  }
  const texts = beside.map(textOf)
  if (!texts.some(Boolean)) return undefined
  return where === 'around' ? texts : texts.map((text) => text.trim())
}
