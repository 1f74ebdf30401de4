import { otherColumnOf, wantedOthers } from '../otherColumns'
import { secondOf, secondQuantityOf } from '../second'
import { from } from '../values'

/**
 * Other quantities on the page: one on a second axis, and columns of the table. A move of the shown
 * quantity's style leaves them as they are.
 */
export const otherDerivations = {
  secondQuantity: from(
    ['document', 'quantity'],
    ({ document, quantity }) => secondQuantityOf(document, quantity),
    { same: true },
  ),
  second: from(
    ['secondQuantity', 'drawing', 'rows', 'setting', 'readers', 'rules', 'rates'],
    ({ secondQuantity, drawing, rows, setting, readers, rules, rates }) =>
      secondQuantity && drawing && rows
        ? secondOf(secondQuantity, { drawing, rows, setting }, { readers, rules }, rates)
        : null,
  ),
  wantedOthers: from(
    ['document', 'quantity'],
    ({ document, quantity }) => wantedOthers(document, quantity),
    { same: true },
  ),
  otherColumns: from(
    ['wantedOthers', 'rows', 'setting', 'rates'],
    ({ wantedOthers: wanted, rows, setting, rates }) =>
      rows ? wanted.flatMap((one) => otherColumnOf(one, rows, setting, rates) ?? []) : [],
  ),
}
