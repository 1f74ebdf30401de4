import { StyleError } from '../core/error'
import { conversionOf } from '../core/measures/convert'
import { stylesOf } from '../core/style/inherit'
import { SURFACES } from '../core/surfaces'
import { styleOf } from './quantities'
import type { StudyDocument } from './study/document'
import { measureOf } from '../core/units'

/** The measures that a quantity is written in, whatever the surface. */
function* measuresOf(document: StudyDocument, at: number): Generator<string> {
  const quantity = document.quantities[at]!
  for (const level of ['quantity', ...SURFACES] as const)
    for (const { style } of stylesOf(styleOf(document, quantity, level))) {
      const id = measureOf(style.unit)
      if (id !== null) yield id
    }
}

/**
 * Holds that what is recorded in a measure is written in one of the same dimension, on every
 * surface.
 *
 * @throws StyleError naming the quantity and both measures
 * @example holdMeasures(document) // of tonnes for metres: “Depth” … one cannot be converted into the other
 */
export function holdMeasures(document: StudyDocument): void {
  document.quantities.forEach(({ measure, title }, at) => {
    if (measure === undefined) return
    for (const id of measuresOf(document, at)) {
      try {
        conversionOf(measure, id)
      } catch (error) {
        throw new StyleError('unit.id', id, `“${title}”: ${(error as Error).message}`)
      }
    }
  })
}
