import { SURFACES } from '~~/core/surfaces'
import type { Level } from '~~/shared/quantities'
import { levelWords } from '~/stores/levelWords'

/** A key that does something wherever nobody is typing. */
export interface Shortcut {
  readonly key: string
  readonly does: string
  readonly level?: Level
}

/** Keys that take up a surface, in the order of the surfaces. */
export const levelKeys: readonly Shortcut[] = [
  { key: '0', does: `Write ${levelWords.quantity}`, level: 'quantity' },
  ...SURFACES.map((surface, at): Shortcut => ({
    key: String(at + 1),
    does: `Write ${levelWords[surface]}`,
    level: surface,
  })),
  { key: '9', does: `Write ${levelWords.house}`, level: 'house' },
]
/** The others, for the map of keys. */
export const otherKeys: readonly Shortcut[] = [
  { key: 'M', does: 'Mend the first finding' },
  { key: 'Ctrl Z', does: 'Undo' },
  { key: 'Ctrl Shift Z', does: 'Do it again' },
  { key: '?', does: 'Show these keys' },
  { key: '← →', does: 'Move the handle of the rail that is in hand' },
  { key: '↓', does: 'Open the phrase that is in hand; typing finds a choice' },
  { key: 'Tab', does: 'Go on to the next phrase, handle or finding' },
]
/** The level that a key takes up. */
export const levelOf = (key: string): Level | undefined =>
  levelKeys.find((one) => one.key === key)?.level
