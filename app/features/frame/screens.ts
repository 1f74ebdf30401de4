import { words } from '~~/words'

const { screens } = words.frame

/** The screens of a study, by the last part of their address. */
export const SCREENS = [
  { path: '', title: screens.desk },
  { path: 'ticks', title: screens.ticks },
  { path: 'compare', title: screens.compare },
  { path: 'sweep', title: screens.sweep },
  { path: 'regions', title: screens.regions },
  { path: 'ladders', title: screens.ladders },
] as const

/**
 * What stands before a study's name in the browser's tab: nothing on the desk, which is the study
 * itself.
 */
export const screenTitle = (address: string): string =>
  SCREENS.find(({ path }) => path !== '' && address.endsWith(`/${path}`))?.title ?? ''
