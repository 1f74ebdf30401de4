/**
 * A title as the stem of a file's name: letters of ASCII, digits and hyphens.
 *
 * @param none what it is called where nothing of the title is left
 * @example fileStem('Größe & Maß') // 'grosse-mass'
 */
export const fileStem = (title: string, none: string): string =>
  title
    .normalize('NFKD')
    .toLowerCase()
    .replace(/\p{M}+/gu, '')
    .replace(/ß/g, 'ss')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '') || none
/** What a study is saved as. */
export const studyFileName = (name: string): string => `${fileStem(name, 'study')}.study.json`
