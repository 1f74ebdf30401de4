import type { Derivations } from '../graph/derivation'
import { checkedDerivations } from './derive/checked'
import { labelDerivations } from './derive/labels'
import { layoutDerivations } from './derive/layout'
import { otherDerivations } from './derive/others'
import { caseDerivations, rowDerivations } from './derive/rows'
import { surfaceDerivations } from './derive/surfaces'
import { adjustedDerivations } from './derive/adjusted'
import { totalDerivations } from './derive/totals'
import { wordDerivations } from './derive/words'
import type { Derived, PageInputs, PageValues } from './values'

/**
 * Everything that a page shows of a quantity, derived from its inputs: once, for app, server and
 * command line.
 */
export const pageGraph: Derivations<PageValues, Derived> = {
  ...rowDerivations,
  ...caseDerivations,
  ...surfaceDerivations,
  ...labelDerivations,
  ...wordDerivations,
  ...totalDerivations,
  ...adjustedDerivations,
  ...otherDerivations,
  ...layoutDerivations,
  ...checkedDerivations,
}
/** The names of what nothing derives. */
export const PAGE_INPUTS = [
  'document',
  'quantity',
  'dataset',
  'regions',
  'loaded',
  'caseCells',
  'size',
  'machine',
] as const satisfies readonly (keyof PageInputs)[]
