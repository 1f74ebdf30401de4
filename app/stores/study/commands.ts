import type { Surface } from '~~/core/surfaces'
import type { Style } from '~~/core/style/fields'
import { withOwn } from '~~/shared/quantities'
import type { StudyDocument } from '~~/shared/study/document'
import type { Left, Quantity } from '~~/shared/study/quantity'
import type { useLocaleTables } from '../localeTables'
import type { OnDesk } from './document'
import type { Steps } from './steps'
import { words as catalogue } from '~~/words'

const words = catalogue.stores.commands

type Tables = ReturnType<typeof useLocaleTables>
type Change = (quantity: Quantity) => Quantity

/** A document with its shown quantity changed. */
const withShown = (document: StudyDocument, by: Change): StudyDocument => ({
  ...document,
  quantities: document.quantities.map((one) => (one.id === document.shown ? by(one) : one)),
})

/** What is done to the shown quantity and to the study. */
export function studyCommands({ document }: OnDesk, { change }: Steps, tables: Tables) {
  /** Why a change of style was not made. */
  const refused = ref('')

  function changeQuantity(what: string, by: Change, moves?: boolean) {
    refused.value = ''
    try {
      if (document.value) change(what, withShown(document.value, by), moves)
    } catch (error) {
      refused.value = words.quantityUnchanged({ reason: (error as Error).message })
    }
  }
  /**
   * Makes a change once the tables of its regions are here.
   *
   * @param stays what stays as it was where they do not come, for the message
   */
  async function withTables(styles: readonly Style[], act: () => void, stays: string) {
    refused.value = ''
    try {
      if (!styles.every(tables.has)) await tables.load(styles)
      act()
    } catch (error) {
      refused.value = words.unchanged({ what: stays, reason: (error as Error).message })
    }
  }
  /** Changes the shown quantity, and with it what is set on one of its surfaces. */
  function changeStyled(what: string, surface: Surface, patch: Style, by: Change, moves?: boolean) {
    const now = document.value
    if (!now?.shown) return
    const styled = withOwn(now, now.shown, surface, (own) => ({ ...own, ...patch }))
    change(what, withShown(styled, by), moves)
  }
  /** Declares who will read the study, once their regions' tables are here. */
  const setReaders = (locales: string[]) =>
    withTables(
      locales.map((locale) => ({ locale })),
      () => {
        const readers = locales.length > 0 ? locales : undefined
        const what = words.setReaders({ regions: locales.join(', ') || words.oneRegion })
        if (document.value) change(what, { ...document.value, readers })
      },
      words.readersUnchanged,
    )
  const show = (id: string) =>
    document.value && change(words.showQuantity, { ...document.value, shown: id })
  return { refused, changeQuantity, withTables, changeStyled, setReaders, show }
}
export type Commands = ReturnType<typeof studyCommands>

/** What is set of the shown quantity. */
export const quantityCommands = ({ changeQuantity, changeStyled }: Commands) => ({
  /** Sets where the ticks stand, and with it the axis's style that goes with them. */
  setTicks: (
    what: string,
    ticks: Quantity['ticks'],
    { moves = false, style = {} }: { moves?: boolean; style?: Style } = {},
  ) => changeStyled(what, 'axis', style, (one) => ({ ...one, ticks }), moves),
  /** Changes what the chart shows of the quantity. */
  setChart: (what: string, patch: Partial<Quantity['chart']>) =>
    changeQuantity(what, (one) => ({ ...one, chart: { ...one.chart, ...patch } })),
  /** Shows some rows alone. */
  setFilter: (what: string, filter: Quantity['filter']) =>
    changeQuantity(what, (one) => ({ ...one, filter })),
  setTotal: (what: string, total: Quantity['total']) =>
    changeQuantity(what, (one) => ({ ...one, total })),
  /** Lets findings stand, for a reason that is kept with them. */
  leave: (findings: readonly Pick<Left, 'surface' | 'check'>[], reason: string) =>
    changeQuantity(words.dismiss({ reason }), (one) => ({
      ...one,
      left: [
        ...(one.left ?? []),
        ...findings.map(({ surface, check }) => ({ surface, check, reason })),
      ],
    })),
  takeBack: (back: readonly Left[]) =>
    changeQuantity(words.restore, (one) => ({
      ...one,
      left: one.left?.filter((other) => !back.includes(other)),
    })),
})
