import type { StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'

/** Which rows of a filtered quantity are taken along. */
export const ROWS_TAKEN = ['shown', 'all'] as const
export type RowsTaken = (typeof ROWS_TAKEN)[number]

/** What is chosen of an export beside its form. */
export interface Wishes {
  readonly rows: RowsTaken
  /**
   * What stands in the place of the unit where a label lacks the row that names it; null where that
   * is an error.
   */
  readonly lacking: string | null
}
export const USUAL_WISHES: Wishes = { rows: 'shown', lacking: null }

/** Characters of what stands in the place of a unit. */
export const LONGEST_LACKING = 40

const unfiltered = (quantity: Quantity): Quantity => ({ ...quantity, filter: undefined })
/** A study whose quantities show all rows, where all are wanted. */
export function asWished<
  Given extends { readonly document: StudyDocument; readonly quantity: Quantity },
>(given: Given, { rows }: Wishes): Given {
  if (rows === 'shown') return given
  const { document, quantity } = given
  return {
    ...given,
    quantity: unfiltered(quantity),
    document: { ...document, quantities: document.quantities.map(unfiltered) },
  }
}
