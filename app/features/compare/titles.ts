import type { SentencePhrase } from '~/features/dock/choices'
import { words as catalogue } from '~~/words'

const words = catalogue.compare.compareTable

/**
 * What tells each style from the others, in words; all that they are where nothing does, and of one
 * that is as another before it which one that is.
 *
 * @param all the phrases of each style
 * @example titlesOf([[shortened, grouped], [plain, grouped]]) // ['shortened', 'with all its digits']
 */
export function titlesOf(all: readonly (readonly SentencePhrase[])[]): string[] {
  const isShared = ({ field, key }: SentencePhrase) =>
    all.every((other) => other.some((one) => one.field === field && one.key === key))
  // That digits are not counted is said by the decimals.
  const isSaid = ({ field, key }: SentencePhrase) => field !== 'significant' || key !== 'null'
  const said = (phrases: readonly SentencePhrase[]) =>
    phrases
      .filter(isSaid)
      .map(({ title }) => title)
      .join(', ')
  const usual = ({ rare }: SentencePhrase) => !rare
  const short = all.map((own) => {
    const distinct = own.filter((phrase) => !isShared(phrase))
    const choices = [distinct.filter(usual), distinct, own.filter(usual)]
    return said(choices.find((phrases) => phrases.length > 0) ?? [])
  })
  // What few set is said where nothing else tells two of them apart.
  const titles = all.map((own, at) => {
    const isAlone = short.filter((title) => title === short[at]).length === 1
    const distinct = own.filter((phrase) => !isShared(phrase))
    return isAlone || distinct.length === 0 ? short[at]! : said(distinct)
  })
  return titles.map((title, at) => {
    const first = titles.indexOf(title)
    return first === at ? title : words.sameAs({ title, first: first + 1 })
  })
}
