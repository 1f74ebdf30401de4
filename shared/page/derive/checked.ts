import { styleOf } from '../../quantities'
import { SURFACES } from '../../../core/surfaces'
import type { CheckedSubject, PlacedSubject } from '../subjects'
import { pageSurfaces } from '../surfaces'
import { each, from, type PageValues } from '../values'

/** What is checked of a page. */
export const checkedDerivations = {
  ...each('together', SURFACES, (surface) =>
    from(
      ['document', 'members'],
      ({ document, members }) =>
        members.map((one) => ({ title: one.title, style: styleOf(document, one, surface) })),
      { same: true },
    ),
  ),
  ...each('subject', SURFACES, (surface) =>
    from(
      [
        'quantity',
        'role',
        'readers',
        'rules',
        `together.${surface}`,
        `readable.${surface}`,
        `context.${surface}`,
        ...pageSurfaces[surface].checked.needs,
      ],
      (page): CheckedSubject => ({
        surface,
        style: page[`readable.${surface}`].style,
        refused: page[`readable.${surface}`].refused ?? undefined,
        context: page[`context.${surface}`],
        kind: page.quantity.kind,
        divisor: page.quantity.divisor,
        role: page.role,
        title: page.quantity.title,
        readers: page.readers,
        rules: page.rules,
        together: page[`together.${surface}`],
        ...pageSurfaces[surface].checked.make(page as PageValues),
      }),
    ),
  ),
  subjects: from(
    ['drawing', 'shown', 'second', ...SURFACES.map((surface) => `subject.${surface}` as const)],
    (page): PlacedSubject[] => {
      if (!page.drawing) return []
      const found = page.shown.map((surface) => ({ surface, subject: page[`subject.${surface}`] }))
      if (!page.second || !page.shown.includes('axis')) return found
      const { id, title, subject } = page.second
      return [...found, { surface: 'axis', other: { id, title }, subject }]
    },
  ),
}
