import type { Told } from '~/composables/words'

/** What is said by the sweep, part by part: a translation needs nothing else here. */
export const powerOfTen = {
  to: (power: Told) => `10 to the ${power}`,
}
export const sweepTable = {
  downTo: 'down to',
  unfold: (count: Told) => `${count} orders alike: show them`,
  everyOrderMagnitude: 'Every order of magnitude',
  order: 'Order',
  called: 'called',
  edge: 'tried',
}
export const sweepPage = {
  powerTenFromTo: (leastOrder: Told, largestOrder: Told) =>
    `A power of ten from ${leastOrder} to ${largestOrder}.`,
  overEveryOrderMagnitude: 'over every order of magnitude, as the',
  stylesCompared: 'styles that are compared',
  writeGoToTo: 'write it. Go to 10 to the',
  orderMagnitude: 'Order of magnitude',
  whereWritingTurns: 'Where the writing turns:',
  turn: (what: Told, why: Told) => `${what}, ${why}`,
  nowhere: 'nowhere',
  largestOfData: 'the largest of the data',
  smallestOfData: 'the smallest',
  top: 'the top',
  bottom: 'the bottom',
}
export const magnitudeLine = {
  anySize: 'Any size by hand',
  size: 'Size',
  edge: (caseWords: Told) => `Edge of the case ${caseWords}: drag it, or use the arrow keys`,
}
