import { SURFACES } from '~~/core/surfaces'
import { evaluate } from '~~/shared/graph/derivation'
import { pageGraph } from '~~/shared/page/graph'
import { USUAL_SIZE } from '~~/shared/page/layout'
import { pagePicture } from '~~/shared/page/picture'
import { pageInPart } from '~~/shared/page/someRows'
import type { PageInputs, PageValues } from '~~/shared/page/values'
import { hasOwnStyle, withOwn } from '~~/shared/quantities'

/** Milliseconds that a style rests before pages are drawn anew. */
const REST = 250

/** A page's inputs with all that its quantity sets in another region. */
function inRegion(given: PageInputs, locale: string): PageInputs {
  const { quantity } = given
  const own = SURFACES.filter((surface) => hasOwnStyle(given.document, quantity, surface))
  const document = (['quantity', ...own] as const).reduce(
    (now, level) => withOwn(now, quantity.id, level, (style) => ({ ...style, locale })),
    given.document,
  )
  const moved = document.quantities.find(({ id }) => id === quantity.id) ?? quantity
  return { ...given, quantity: moved, document, size: USUAL_SIZE }
}

/**
 * The page as it would be in each of some regions, as pictures, drawn anew when the style rests.
 *
 * @param inputs of the page, whose regions' tables are here
 */
export function useRegionPages(inputs: () => PageInputs, locales: () => readonly string[]) {
  const pages = shallowRef<readonly { readonly locale: string; readonly picture: string }[]>([])
  watchDebounced(
    () => [inputs(), locales()] as const,
    ([given, wanted]) => {
      const some = pageInPart(given)
      pages.value = wanted.map((locale) => {
        const page = evaluate<PageValues, PageInputs>(pageGraph, inRegion(some, locale))
        return { locale, picture: `data:image/svg+xml,${encodeURIComponent(pagePicture(page))}` }
      })
    },
    REST,
    true,
  )
  return pages
}
