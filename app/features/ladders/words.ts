import type { Told } from '~/composables/words'

/** What is said by the ladders, part by part: a translation needs nothing else here. */
export const ladderColumn = {
  takeAway: (symbol: Told) => `take away ${symbol}`,
  moveAtTo: (symbol: Told, power: Told) => `Move ${symbol}, at 10 to the ${power}`,
  dragOrUseArrow: (superscript: Told) => `10${superscript}: drag it, or use the arrow keys`,
  symbolTo: (power: Told) => `Symbol of 10 to the ${power}`,
  wordTo: (power: Told) => `Word of 10 to the ${power}`,
  takeAwaySymbol: (symbol: Told) => `Take ${symbol} away`,
  takeRungAway: 'Take this rung away',
  has: 'has',
  have: 'have',
  everyLabelFixedOn: (users: Told, what: Told, symbol: Told) =>
    `${users} ${what} every label fixed on ${symbol}.`,
  takeAwayEachLabel: 'take it away; each label finds its own rung',
  keep: 'keep it',
  nothingKeptUntilMended: (trouble: Told) => `${trouble} Nothing is kept until it is mended.`,
}
export const ladderHead = {
  itsName: 'its name',
  nameLadder: (title: Told) => `Name of the ladder ${title}`,
  use: 'use it',
  addRung: 'add a rung',
  copy: 'copy',
  remove: 'remove',
  uses: 'uses',
  phraseUse: 'use',
  it: (users: Told, what: Told) => `${users} ${what} it.`,
  removeAllSame: 'remove it all the same',
  keep: 'keep it',
}
export const ladderDraft = {
  moveFromTo: (symbol: Told, before: Told, power: Told) =>
    `move ${symbol} from 10^${before} to 10^${power}`,
  addRungAt: (power: Told) => `add a rung at 10^${power}`,
}
export const laddersPage = {
  my: (what: Told) => `my ${what}`,
  copyLadder: (title: Told) => `Copy the ladder ${title}`,
  callLadder: (text: Told) => `Call a ladder ${text}`,
  anotherLadderHasName: 'Another ladder has this name.',
  upToCharacters: 'Up to 80 characters.',
  takeLadderAway: (title: Told) => `Take the ladder ${title} away`,
  climb: (title: Told, title2: Told) => `${title}: climb ${title2}`,
  byNumber:
    'This machine has no typeface for some names: they stand by their number in Unicode, U+4E07 for the sign of ten thousand.',
  moreRight: 'more to the right →',
  namesPowersDrawnTo: 'The names of powers, drawn to scale.',
  rungs: 'are the rungs that',
  standsOnNowCopy: 'stands on now. Copy a ladder to make one of your own.',
  ladders: 'Ladders',
}
