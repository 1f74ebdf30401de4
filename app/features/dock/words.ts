import type { Told } from '~/composables/words'

/** What is said by the dock, part by part: a translation needs nothing else here. */
export const caseEditor = {
  where: (name: Told) => `where ${name} is`,
  bySize: 'by size',
  byWidth: 'by the width of the page',
  setWidths: 'set the widths of a wording',
  fromWidth: 'from',
  toBelowWidth: 'to below',
  px: 'px',
  leastWidth: 'Least width of the page',
  widthBelow: 'Width of the page below which it ends',
  pixels: 'A width is a number of pixels, such as 480.',
  powerTenWholeNumber: 'A power of ten is a whole number, such as 6 for a million.',
  setSizesWording: 'set the sizes of a wording',
  setWhatWordingFor: 'set what a wording is for',
  writeForCase: (title: Told) => `write it ${title} for a case`,
  factorNumberNotZero: 'A factor is a number that is not zero, such as 0.001.',
  whatCaseGoesBy: 'What the case goes by',
  categoriesCase: 'Categories of the case',
  from: 'from 10^',
  any: 'any',
  leastPower: 'Least power',
  toBelow: 'to below 10^',
  powerBelowEnds: 'Power below which it ends',
  written: 'is written',
  case: (name: Told) => `${name} of the case`,
  unit: 'unit',
  same: 'the same',
  anotherUnitForCase: 'Another unit for the case',
  anotherUnitForA: 'another unit for a case',
  convertedBy: 'converted by',
  factorForCase: 'Factor for the case',
  convertCase: 'convert a case',
}
export const casesLine = {
  convertedBy: (factor: Told) => `converted by ${factor}`,
  nothingElseYet: 'nothing else yet',
  anotherWording: (caseWords: Told) => `another wording ${caseWords}`,
  noOtherWording: (caseWords: Told) => `no other wording ${caseWords}`,
  letWordingComeFirst: (caseWords: Told) => `let the wording ${caseWords} come first`,
  letComeFirst: 'let it come first',
  neverUsed: 'never used',
  usedInPart: 'used in part',
  oneComesFirst: (what: Told, caseWords: Told) => `${what}: the one ${caseWords} comes first`,
  removeWording: (caseWords: Told) => `Remove the wording ${caseWords}`,
  remove: 'remove',
  anotherWordingForSome: 'another wording for some …',
  anotherWordingFor: (picked: Told) => `another wording for ${picked} …`,
  anotherWordingForSomeLabel: 'Another wording for some',
}
export const digitRail = {
  railDigitsTellingValues: 'Rail: digits of telling values',
}
export const dockActions = {
  takeSuggestion: (title: Told, label: Told) => `${title}: take a suggestion, ${label} …`,
  onEachLabel: 'on each label',
  inTitle: 'in the title',
  sayUnit: (title: Told, what: Told) => `${title}: say the unit ${what}`,
  threeWaysToWrite: 'three ways to write it',
  sayUnitOnEach: 'say the unit on each label',
  sayUnitOnceIn: 'say the unit once, in the title',
  whoSetsWhat: 'who sets what …',
  stylebook: 'stylebook …',
  changedStyles: (count: number) => (count === 1 ? '1 has changed' : `${count} have changed`),
  rules: 'rules of the house …',
  readTogether: 'read together …',
  copied: 'copied',
  copyLabels: 'copy the labels',
  copyStyle: 'copy the style',
  browserLetsNothingBe: 'The browser lets nothing be copied here.',
  threeWaysToWriteLabel: 'Three ways to write it',
}
export const levelChoice = {
  whereStyleSet: 'Where this style is set',
  somethingSetOnAlone: 'Something is set on it alone',
  marks: 'marks are',
  quantity: 'quantity is',
  asWhat: (what: Told) => `as the ${what},`,
  setHereAlone: (set: Told) => `Set here alone: ${set}`,
  takeAllBack: 'take all back',
  exceptOn: (places: readonly string[]) =>
    places.length > 1 ? `except in ${places.length} places` : `except ${places.join(', ')}`,
}
export const railGround = {
  written: 'written',
  readAs: 'read as',
  offBy: 'off by',
}
export const railHandles = {
  putBeamAt: (power: Told) => `Put the beam at ${power}`,
  cutTo: (decimals: Told) => `Cut to ${decimals}`,
  beam: 'Beam',
  whereDecimalMarkStands: 'where the decimal mark stands',
  eachLabelItsOwn: (rung: Told) => `each label its own, the largest in ${rung}`,
  eachItsOwn: 'each its own',
  cut: 'Cut',
  lastDigitWritten: 'the last digit written',
  dragOrUseArrow: (handle: Told, title: Told) =>
    `The ${handle}: ${title}. Drag it, or use the arrow keys.`,
}
export const styleDock = {
  stepBy: (text: Told) => `Step by ${text}`,
  letStepBeRound: 'Let the step be round',
  style: 'Style',
  tickEvery: ' a tick every ',
  rowOf: (at: Told) => `row ${at}`,
  noNumberQuantityStands: (levelWord: Told) =>
    `No number of this quantity stands ${levelWord} yet.`,
  withStyle: 'With this style',
  moveEdge: 'move the edge of a case',
}
export const styleSentence = {
  write: 'Write',
  less: 'less',
  more: 'more …',
  choices: (name: Told) => `Choices of ${name}`,
  takeBack: 'take it back',
  giveTo: (name: Told) => `give it to ${name}`,
}
export const suggestList = {
  digitsAlone: 'digits alone',
  symbolsSuchAsK: 'symbols, such as K and M',
  wordsSuchAsMillion: 'words, such as million',
  powersTen: 'powers of ten',
  whateverBest: 'whatever is best',
  itsOwnRegion: 'its own region',
  widthToPixels: 'A width is 20 to 9999 pixels.',
  inWhere: (where: Told) => `${where}, in`,
  wayTellingSize: 'Way of telling size',
  phraseFor: ', for',
  regionSuggestions: 'Region of the suggestions',
  phraseIn: ', in',
  any: 'any',
  widthSuggestions: 'Width of the suggestions',
  px: 'px',
  everySuchWayStands: 'Every such way stands here already.',
  noSuchWayFree:
    'No such way is free of errors on these numbers. More room, another way of telling size or fewer numbers may help.',
}
export const typedChoice = {
  enterTakes: 'Enter takes it',
}
export const rail = {
  largest: 'largest',
  smallest: 'smallest',
  nearestToZero: 'nearest to zero',
  and: 'and',
  closestPair: 'closest pair',
  theyDifferBy: 'they differ by',
  tickStep: 'tick step',
  units: 'units',
  rungs: (word: Told) => `${word}s`,
  tenTo: (power: Told) => `ten to the ${power}`,
}
export const railGeometry = {
  offBy: (off: Told) => `, off by ${off}`,
  writtenReadAs: (name: Told, label: Told, said: Told, what: Told) =>
    `${name}: written ${label}, read as ${said}${what}`,
}
