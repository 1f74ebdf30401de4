import type { LocaleTable } from '../../locale/types'
import en from '../../locale/generated/locales/en.json'
import { type Unit, writeUnit } from '../index'
import type { UnitSetting, UnitWriting } from '../types'

const table = en as LocaleTable
const setting: UnitSetting = {
  region: {
    table,
    system: table.systems.latn!,
    names: { EUR: { name: 'Euro', one: 'euro', other: 'euros' } },
    measures: null,
  },
  marks: { decimal: '.', group: ',', minus: '-', plus: '+' },
  isAccounting: false,
  hasPrefixes: false,
}
/** What a unit writes in English. */
export const inEnglish = (unit: Unit, more: Partial<UnitSetting> = {}): UnitWriting =>
  writeUnit(unit, { ...setting, ...more })
