/** All texts of the screen Regions. */
export const regions = {
  regionsPage: {
    lookAt: 'Show {$regions}',
    unchanged: 'The list of regions is unchanged',
    setRegion: '{$quantity}: region {$region}',
    asReaders: 'as in',
    title: 'Regions',
    several: '\\{0\\} regions',
    intro: 'would write it, and how readers in the other regions read it.',
    missingGlyphs:
      'Signs that this device has no font for appear as a count or as Unicode numbers.',
    tableLabel: 'Labels by region',
    region: 'Region',
    widest: 'widest',
    misread: 'misread elsewhere',
    use: 'Use',
    px: '{$width} px',
    notMisread: 'nowhere',
    reads: 'is {$reading} in {$regions}',
    apply: 'apply',
    current: 'in use',
    way: {
      style: '',
      words: 'in words',
      short: 'in short form',
    },
    inWay: {
      style: '',
      words: ', in words',
      short: ', in short form',
    },
  },
  regionPages: {
    title: 'The page in each region',
    page: 'The page in {$region}',
  },
} as const
