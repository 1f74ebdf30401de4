import { english } from './en'
import { speak } from './speak'

/**
 * Every text that people read, by feature and id.
 *
 * @example words.page.tableColumns.hide({ name: 'Site' }) // 'Hide Site in the table'
 */
export const words = speak(english)
