const names = new Intl.DisplayNames('en', { type: 'language' })

/**
 * Returns the English name of a language or its variant in a region; the tag itself if it has none.
 *
 * @param tag a BCP 47 tag
 * @example languageName('de') // 'German'
 */
export function languageName(tag: string): string {
  try {
    return names.of(tag) ?? tag
  } catch {
    return tag
  }
}
