/** All texts of the screen Sweep. */
export const sweep = {
  powerOfTen: {
    to: '10 to the {$power}',
  },
  sweepTable: {
    downTo: 'down to',
    unfold: '{$count :count} similar orders: show them',
    title: 'Every order of magnitude',
    order: 'Order',
    name: 'name',
    edgeValue: 'edge value',
  },
  sweepPage: {
    rangeError: 'Enter a power of ten from {$least} to {$most}.',
    intro: 'over every order of magnitude, as the',
    stylesCompared: 'compared styles',
    goTo: 'write it. Go to 10 to the',
    order: 'Order of magnitude',
    turns: 'Where the notation changes:',
    turn: '{$what}, {$why}',
    nowhere: 'nowhere',
    largestOfData: 'largest value',
    smallestOfData: 'smallest value',
    top: 'the top',
    bottom: 'the bottom',
  },
  magnitudeLine: {
    anySize: 'Any size by hand',
    size: 'Size',
    edge: 'Edge of the exception {$for}: drag it or use the arrow keys',
  },
} as const
