import { languageName } from '~~/core/locale/languageName'

/** Regions that are offered by name; any other is typed. */
const OFFERED = [
  'en',
  'en-IN',
  'de',
  'de-CH',
  'fr',
  'es',
  'it',
  'pt',
  'nl',
  'sv',
  'da',
  'nb',
  'fi',
  'pl',
  'cs',
  'ru',
  'uk',
  'tr',
  'el',
  'hi',
  'bn',
  'ja',
  'zh',
  'ko',
  'ar',
  'ar-EG',
  'fa',
  'he',
]
/** The regions of a list, those of a study among them. */
export const regionOptions = (own: readonly string[] = []): { id: string; title: string }[] =>
  [...new Set([...OFFERED, ...own])].map((id) => ({ id, title: languageName(id) }))
