import { SURFACES } from '../../../core/surfaces'
import { labeller } from '../../../core/label/labeller'
import type { Context } from '../../../core/label/context'
import { resolve } from '../../../core/label/resolve'
import { looksAtValues } from '../../../core/style/dependencies'
import { StyleError } from '../../../core/error'
import type { FieldName, FullStyle } from '../../../core/style/fields'
import { inherit } from '../../../core/style/inherit'
import { STYLED_PARTS } from '../../forms/parts'
import { hasOwnStyle, styleOf } from '../../quantities'
import { shownSurfaces } from '../shown'
import { pageSurfaces } from '../surfaces'
import { titled } from '../numbers'
import { each, from, type PageValues, type Readable, type Writing } from '../values'

const writingOf = (style: FullStyle, context: Context): Writing => {
  const plan = resolve(style, context)
  return { plan, writer: labeller(plan) }
}

/** What a style keeps where it cannot be written as a whole, the most first. */
const KEPT: readonly (readonly FieldName[])[] = [
  ['locale', 'unit', 'factor', 'marks', 'grouping', 'sign'],
  ['locale', 'unit'],
  ['locale'],
  [],
]
/** Styles that keep less and less of another. */
const simpler = (style: FullStyle): FullStyle[] =>
  KEPT.map((names) => inherit(Object.fromEntries(names.map((name) => [name, style[name]]))))

/**
 * How a surface is written: by the style that the study asks for or, where that cannot be, by as
 * much of it as can. So every page opens, and says what is wrong.
 */
function readableIn(asked: FullStyle, write: (style: FullStyle) => Writing): Readable {
  let refused: StyleError | null = null
  for (const style of [asked, ...simpler(asked)])
    try {
      return { style, writing: write(style), refused: refused?.message ?? null }
    } catch (error) {
      if (!(error instanceof StyleError)) throw error
      refused ??= error
    }
  throw refused!
}

/** Plans that look at no values are the same for all surfaces of one style: so many are kept. */
const MOST_KEPT = 12
/** Makes each Plan that looks at no values once. */
function planMemory({ setting, recorded }: Pick<PageValues, 'setting' | 'recorded'>) {
  const kept = new Map<string, Writing>()
  /** The same by the style itself: surfaces on which nothing is set share one. */
  const known = new WeakMap<FullStyle, Writing>()
  function keptFor(style: FullStyle): Writing {
    const key = JSON.stringify(style)
    const found = kept.get(key) ?? writingOf(style, { ...setting, ...recorded })
    if (!kept.has(key) && kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!)
    kept.set(key, found)
    return found
  }
  return (style: FullStyle): Writing => {
    const found = known.get(style) ?? keptFor(style)
    known.set(style, found)
    return found
  }
}

/**
 * The styles of surfaces and parts; each stays the same while it says the same, so that a move on
 * one surface leaves the others as they are.
 */
const styles = {
  quantityStyle: from(
    ['document', 'quantity'],
    ({ document, quantity }) => styleOf(document, quantity),
    { same: true },
  ),
  ...each('asked', SURFACES, (surface) =>
    from(
      ['document', 'quantity', 'quantityStyle'],
      ({ document, quantity, quantityStyle }) =>
        hasOwnStyle(document, quantity, surface)
          ? styleOf(document, quantity, surface)
          : quantityStyle,
      { same: true },
    ),
  ),
  ...each('partStyle', STYLED_PARTS, (part) =>
    from(
      ['document', 'quantity', 'plans'],
      ({ document, quantity, plans }) => readableIn(styleOf(document, quantity, part), plans).style,
      { same: true },
    ),
  ),
}

/** How each surface of a page writes. */
export const surfaceDerivations = {
  ...styles,
  plans: from(['setting', 'recorded'], planMemory),
  ...each('context', SURFACES, (surface) => {
    const { sharing } = pageSurfaces[surface]
    return from(['setting', 'recorded', ...sharing.needs], (page): Context => ({
      ...page.setting,
      ...sharing.make(page as PageValues),
      ...page.recorded,
    }))
  }),
  ...each('readable', SURFACES, (surface) =>
    from([`asked.${surface}`, `context.${surface}`, 'plans'], (page): Readable => {
      const context = page[`context.${surface}`]
      return readableIn(page[`asked.${surface}`], (style) =>
        looksAtValues(style) ? writingOf(style, context) : page.plans(style),
      )
    }),
  ),
  ...each('style', SURFACES, (surface) =>
    from([`readable.${surface}`], (page) => page[`readable.${surface}`].style, { same: true }),
  ),
  ...each('written', SURFACES, (surface) =>
    from([`readable.${surface}`], (page) => page[`readable.${surface}`].writing),
  ),
  ...each('title', SURFACES, (surface) =>
    from(['quantity', `written.${surface}`], (page) =>
      titled(page.quantity.title, page[`written.${surface}`].plan),
    ),
  ),
  shown: from(['layout', 'edges'], ({ layout, edges }) => shownSurfaces(layout, edges), {
    same: true,
  }),
}
