import { computed, shallowRef } from 'vue'
import { defineStore } from 'pinia'
import type { Regions } from '~~/core/label/region'
import { needsOf } from '~~/core/label/needs'
import type { CurrencyNames, LocaleTable } from '~~/core/locale/types'
import type { Style } from '~~/core/style/fields'
import { requestsOnce } from '~/composables/requestsOnce'

/** Tables of regions, fetched when a style first needs them. English is part of the program. */
export const useLocaleTables = defineStore('regions', () => {
  const tableRequests = requestsOnce((name, suffix) => `/api/regions/${name}${suffix}`)
  const tables = shallowRef<Record<string, LocaleTable>>({})
  const currencyNames = shallowRef<Record<string, CurrencyNames>>({})
  const loaded = computed<Regions>(() => ({
    tables: tables.value,
    currencyNames: currencyNames.value,
  }))

  function missing(style: Style) {
    const needs = needsOf(style)
    return {
      tables: needs.tables.filter((name) => name !== 'en' && !tables.value[name]),
      currencyNames: needs.currencyNames.filter((name) => !currencyNames.value[name]),
    }
  }
  function has(style: Style): boolean {
    const lacking = missing(style)
    return lacking.tables.length + lacking.currencyNames.length === 0
  }

  async function fetchMissing(styles: readonly Style[]) {
    const lacking = styles.map(missing)
    const [moreTables, moreNames] = await Promise.all([
      tableRequests.ask<LocaleTable>(
        lacking.flatMap((one) => one.tables),
        '',
      ),
      tableRequests.ask<CurrencyNames>(
        lacking.flatMap((one) => one.currencyNames),
        '/currencies',
      ),
    ])
    return { moreTables, moreNames }
  }

  /** @throws ProblemError when the server does not give them; StyleError for an unknown language */
  async function load(styles: readonly Style[]): Promise<void> {
    const { moreTables, moreNames } = await fetchMissing(styles)
    if (Object.keys(moreTables).length > 0) tables.value = { ...tables.value, ...moreTables }
    if (Object.keys(moreNames).length > 0)
      currencyNames.value = { ...currencyNames.value, ...moreNames }
  }
  /**
   * What is loaded, with what one more style needs: for one that speaks labels alone, so that the
   * labels need not be written and checked again.
   *
   * @throws as `load` does
   */
  async function loadedWith(style: Style): Promise<Regions> {
    const { moreTables, moreNames } = await fetchMissing([style])
    return {
      tables: { ...tables.value, ...moreTables },
      currencyNames: { ...currencyNames.value, ...moreNames },
    }
  }

  return { loaded, has, load, loadedWith }
})
