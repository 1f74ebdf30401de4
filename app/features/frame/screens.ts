/** The screens of a study, by the last part of their address. */
export const SCREENS = [
  { path: '', title: 'Desk' },
  { path: 'ticks', title: 'Ticks' },
  { path: 'compare', title: 'Compare' },
  { path: 'sweep', title: 'Sweep' },
  { path: 'regions', title: 'Regions' },
  { path: 'ladders', title: 'Ladders' },
] as const

/**
 * What stands before a study's name in the browser's tab: nothing on the desk, which is the study
 * itself.
 */
export const screenTitle = (address: string): string =>
  SCREENS.find(({ path }) => path !== '' && address.endsWith(`/${path}`))?.title ?? ''
