import type { Readers } from '../../core/proof/findings'
import { joinRegions } from '../../core/label/needs'
import { regionOf, type Regions } from '../../core/label/region'
import { whereResolved } from '../../core/error'

/** Regions whose marks and names of powers finished works are tried in, the commonest first. */
export const WRITERS = [
  'en',
  'de',
  'fr',
  'es',
  'it',
  'pt',
  'nl',
  'sv',
  'pl',
  'ru',
  'tr',
  'de-CH',
  'en-IN',
  'hi',
  'ja',
  'zh',
  'ko',
  'ar',
  'fa',
  'cs',
  'da',
  'fi',
  'nb',
  'uk',
  'el',
  'he',
  'id',
  'vi',
  'th',
] as const

/**
 * Who reads a finished work, and who may have written it: those of its own language first, then
 * those who are declared, then the commonest.
 *
 * @param declared regions whose people read it
 * @param language that the work says it is in; empty where it says none
 * @param regionsFor the tables of a region
 * @throws StyleError for a declared region that there is none of
 */
export function readersFor(
  declared: readonly string[],
  language: string,
  regionsFor: (tag: string) => Regions,
): Readers {
  const own = language === '' ? [] : [language]
  const known = own.filter((tag) => whereResolved(() => regionsFor(tag)) !== null)
  const tags = [...new Set([...known, ...declared, ...WRITERS])]
  const regions = joinRegions(tags.map(regionsFor))
  return {
    writers: tags.map((tag) => ({ tag, region: regionOf(tag, regions) })),
    declared,
    regions,
  }
}
