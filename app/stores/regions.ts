import { defineStore } from 'pinia'
import type { Regions } from '~~/core/label/resolve'
import { needsOf } from '~~/core/locale/needs'
import type { CurrencyNames, LocaleTable } from '~~/core/locale/types'
import type { Style } from '~~/core/style/fields'
import { request } from '~/composables/request'

/** Tables of regions, fetched when a style first needs them. English is part of the program. */
export const useRegions = defineStore('regions', () => {
  const tables = shallowRef<Record<string, LocaleTable>>({})
  const currencyNames = shallowRef<Record<string, CurrencyNames>>({})
  const loaded = computed<Regions>(() => ({ tables: tables.value, currencyNames: currencyNames.value }))

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

  /** @throws ProblemError when the server does not give them; StyleError for an unknown language */
  async function load(styles: readonly Style[]): Promise<void> {
    const lacking = styles.map(missing)
    const fetched = async <Table>(names: readonly string[], suffix: string) =>
      Object.fromEntries(await Promise.all([...new Set(names)].map(async (name) => [name, await request<Table>(`/api/regions/${name}${suffix}`)] as const)))
    const [more, moreNames] = await Promise.all([
      fetched<LocaleTable>(lacking.flatMap((one) => one.tables), ''),
      fetched<CurrencyNames>(lacking.flatMap((one) => one.currencyNames), '/currencies'),
    ])
    if (Object.keys(more).length > 0) tables.value = { ...tables.value, ...more }
    if (Object.keys(moreNames).length > 0) currencyNames.value = { ...currencyNames.value, ...moreNames }
  }

  return { loaded, has, load }
})
