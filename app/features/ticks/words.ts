import type { Told } from '~/composables/words'

/** What is said by the ruler and its ticks, part by part: a translation needs nothing else here. */
export const candidateList = {
  otherTicksBestFirst: 'Other ticks, the best first',
  asItStands: 'as it stands',
  crowded: 'labels have no room',
  candidate: (at: Told, labels: Told) => `Candidate ${at}: ${labels}`,
  onPage: 'on the page',
  take: 'Take',
  takeCandidateEvery: (at: Told, step: Told) => `Take candidate ${at}: every ${step}`,
  noRoundStepsHave:
    'No round steps have room for labels here. Make the axis longer or the type smaller.',
}
export const stepInput = {
  stepFractionConstantSuch:
    'A step is a fraction of the constant, such as 1/3 or 2; leave it empty for a round one.',
  stepNumberAboveZero:
    'A step is a number above zero, such as 0.125; leave it empty for a round one.',
  tickStep: 'Tick step',
}
export const rulerHandles = {
  names: { begin: 'Begin', end: 'End', step: 'Step', count: 'Count', length: 'Length' },
  dragIt: (name: Told) => `${name}: drag it, or use the arrow keys.`,
  step: (text: Told) => `step ${text}`,
  ticks: (count: Told) => `${count} ticks`,
}
export const tickSentence = {
  stepBy: (step: Told) => `Step by ${step}`,
  letStepBeRound: 'Let the step be round',
  aboutTicks: (text: Told) => `About ${text} ticks`,
  asManyTicksAs: 'As many ticks as have room',
  ticksFromTo: (domain: Told, domain2: Told) => `Ticks from ${domain} to ${domain2}`,
  wholeNumberFromTo: (what: Told, least: Told, most: Told) =>
    `${what} is a whole number from ${least} to ${most}.`,
  aroundItsEnds: 'around its ends',
  insideItsEnds: 'inside its ends',
  partsPi: 'parts of π',
  partsTau: 'parts of τ',
  partsE: 'parts of e',
  ticks: 'Ticks of',
  every: 'every',
  about: '(about',
  wantedTicks: 'Wanted ticks',
  count: 'A count',
  themFrom: 'of them) from',
  firstEnd: 'First end',
  to: 'to',
  lastEnd: 'Last end',
  ends: 'Ends',
  ticksAroundEnds: 'Ticks around the ends',
  ticksInsideEnds: 'Ticks inside the ends',
  countedIn: ', counted in',
  countedInLabel: 'Counted in',
  on: ', on',
  lengthAxisInPixels: 'Length of the axis in pixels',
  length: 'A length',
  pixelsInType: 'pixels in type of',
  fontSizeInPixels: 'Font size in pixels',
  fontSize: 'A font size',
}
const apart = (more: number): string => {
  if (more === 0) return ''
  return more < 0 ? `: ${-more} too few` : `: ${more} too many`
}
export const tickTable = {
  noTick: 'no tick',
  value: 'Value',
  label: 'Label',
  yourOwnText: 'Your own text',
  readsBackAs: 'Reads back as',
  offBy: 'Off by',
  ownTextFor: (row: Told) => `Own text for ${row}`,
  writeLabelsFromTicks: 'Write the labels from the ticks again',
  pasteList: 'paste labels as a list …',
  pasteListLabel: 'Labels as a list',
  oneLabelEach: 'A label a line, or parted by semicolons',
  labelsFor: (labels: number, ticks: number) =>
    `${labels} ${labels === 1 ? 'label' : 'labels'} for ${ticks} ticks${apart(labels - ticks)}`,
  setThem: 'Set them',
}
export const ticksPage = {
  axisPixels: (width: Told) => `An axis of ${width} pixels`,
  labelsPixels: (size: Told) => `Labels of ${size} pixels`,
  stepBy: (step: Told) => `Step by ${step}`,
  aboutTicks: (count: Told) => `About ${count} ticks`,
  ticksFromTo: (domain: Told, domain2: Told) => `Ticks from ${domain} to ${domain2}`,
  numbers: 'numbers',
  countAxisIn: (title: Told) => `Count the axis in ${title}`,
  takeTicksEvery: (step: Told) => `Take ticks every ${step}`,
  labelTicks: (count: Told) => `Label ${count} ticks by hand`,
  labelTick: (text: Told) => `Label a tick “${text}”`,
  takeBackLabel: 'Take back a label',
  writeLabelsFromTicks: 'Write the labels from the ticks',
  ruler: 'Ruler',
  axisAsStands: 'The axis as it stands',
  otherTicksBestFirst: 'Other ticks, the best first',
  ticksAndWhatThey: 'Ticks and what they say',
}
