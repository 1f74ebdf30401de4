import type { Told } from '~/composables/words'

/** What is said by the comparison, part by part: a translation needs nothing else here. */
export const compareDock = {
  styleInHand: 'Style in hand',
  style: (hand: Told) => `style ${hand}`,
}
export const compareTable = {
  number: 'Number',
  style: (at: Told, title: Told) => `Style ${at}: ${title}`,
  pinned: 'pinned',
  pin: 'pin',
  moveStyleLeft: (at: Told) => `Move style ${at} left`,
  moveStyleRight: (at: Told) => `Move style ${at} right`,
  copy: 'copy',
  remove: 'remove',
  missing: 'missing',
  widest: 'widest',
  px: (width: Told) => `${width} px`,
  offAtMost: 'off at most',
  differentLabels: 'different labels',
  ofValues: (values: Told) => `of ${values}`,
  findings: 'findings',
  none: 'none',
  writeSo: 'Write it so …',
  writeWithStyle: (at: Told) => `Write with style ${at}`,
}
export const percent = {
  lessThan: 'less than 0.01 %',
}
export const comparisonEdits = {
  compare: (what: Told) => `Compare: ${what}`,
  styleStays: 'The style stays',
  takeBack: (field: Told) => `take back ${field}`,
  compareOneMore: 'Compare one more',
  compareSuggestedStyle: 'Compare a suggested style',
  comparisonStays: 'The comparison stays',
  compareOneLess: 'Compare one less',
  takeComparedStyle: (title: Told, title2: Told) => `${title}: take a compared style, ${title2}`,
  letStyleGo: 'Let a style go',
  pinStyle: 'Pin a style',
  reorderWhatCompared: 'Reorder what is compared',
}
export const comparePage = {
  numbersOnMarks: 'the numbers on the marks',
  ticksAxis: 'the ticks of the axis',
  firstRowsTable: 'the first rows of the table',
  numbersChosenForTheir: 'numbers chosen for their trouble',
  numbersDrawnByChance: 'numbers drawn by chance',
  numbersSuchAs: '999.5  1,000  1.25M  2 billion',
  numbersYouType: 'numbers that you type',
  powerTenFromTo: 'A power of ten from -300 to 300.',
  compareOnNumbersFrom: (next: Told, next2: Told) =>
    `Compare on numbers from 10^${next} to 10^${next2}`,
  drawOtherNumbers: 'Draw other numbers',
  waysToWrite: (length: Told) => `${length} ways to write`,
  on: ', on',
  comparedOn: 'Compared on',
  compareOnOtherNumbers: 'Compare on other numbers',
  fromTo: 'from 10 to the',
  leastPowerTen: 'Least power of ten',
  toTo: 'to 10 to the',
  largestPowerTen: 'Largest power of ten',
  drawOthers: 'draw others',
  numbersToCompareOn: 'Numbers to compare on',
  compareOnTypedNumbers: 'Compare on typed numbers',
  sixStandSideBy: 'Six stand side by side at most: remove one first.',
  addSuggestedWay: 'add a suggested way',
  print: 'print it',
  suggestedWays: 'Suggested ways',
  onTheseNumbers: 'On these numbers',
}
