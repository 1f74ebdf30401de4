/** A language that texts are shown in. */
export interface Language {
  /** A BCP 47 tag, by which plurals are chosen. */
  readonly locale: string
  /** Changes each text before it is shown. */
  readonly decorate: (text: string) => string
}

const ENGLISH: Language = { locale: 'en', decorate: (text) => text }
/** English in brackets: what has none on the screen does not come from the catalogue. */
const PSEUDO: Language = { locale: 'en', decorate: (text) => (text === '' ? '' : `⟦${text}⟧`) }

const languages: Readonly<Record<string, Language>> = { en: ENGLISH, pseudo: PSEUDO }

interface Platform {
  readonly location?: { readonly search?: string }
  readonly process?: { readonly env?: Readonly<Record<string, string | undefined>> }
}

/**
 * Returns the language in use: in a page what its address asks for (`?language=pseudo`), elsewhere
 * what the environment variable `IVORY_ABACUS_LANGUAGE` says, otherwise English.
 */
export function languageInUse({ location, process }: Platform = globalThis as Platform): Language {
  const asked =
    new URLSearchParams(location?.search ?? '').get('language') ??
    process?.env?.IVORY_ABACUS_LANGUAGE
  return languages[asked ?? 'en'] ?? ENGLISH
}
