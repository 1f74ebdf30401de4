import type { Told } from '~/composables/words'

/** What is said by the regions, part by part: a translation needs nothing else here. */
export const regionsPage = {
  lookAt: (locales: Told) => `Look at ${locales}`,
  choiceRegionsStays: 'The choice of regions stays',
  region: (title: Told, regionName: Told) => `${title}: region, ${regionName}`,
  asReaders: 'as readers of',
  regions: 'Regions',
  phraseRegions: '{0} regions',
  wouldHaveAndWhat: 'would have it, and what each of the others reads in it.',
  byNumber:
    'Signs that this machine has no typeface for are counted, or stand by their number in Unicode.',
  labelsByRegion: 'Labels by region',
  regionLabel: 'Region',
  widest: 'widest',
  readAsAnotherNumber: 'read as another number',
  use: 'Use',
  px: (width: Told) => `${width} px`,
  byNoneOthers: 'by none of the others',
  inReads: (reads: Told, readers: Told) => `is ${reads} in ${readers}`,
  writeSo: 'write it so',
  asItIs: 'as it is',
  way: { style: '', words: 'in its own words', short: 'in its own short form' },
  inWay: { style: '', words: ', in its own words', short: ', in its own short form' },
}
export const regionPages = {
  pages: 'The page in each region',
  page: (region: Told) => `The page in ${region}`,
}
