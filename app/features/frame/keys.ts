import { SURFACES } from '~~/core/surfaces'
import type { Level } from '~~/shared/quantities'
import { levelWords } from '~/stores/levelWords'
import { words } from '~~/words'

const { shortcuts } = words.frame

/** A key that does something wherever nobody is typing. */
export interface Shortcut {
  readonly key: string
  readonly does: string
  readonly level?: Level
}

/** Keys that take up a surface, in the order of the surfaces. */
export const levelKeys: readonly Shortcut[] = [
  { key: '0', does: shortcuts.write({ where: levelWords.quantity }), level: 'quantity' },
  ...SURFACES.map((surface, at): Shortcut => ({
    key: String(at + 1),
    does: shortcuts.write({ where: levelWords[surface] }),
    level: surface,
  })),
  { key: '9', does: shortcuts.write({ where: levelWords.house }), level: 'house' },
]
/** The others, for the map of keys. */
export const otherKeys: readonly Shortcut[] = [
  { key: 'M', does: shortcuts.fix },
  { key: 'Ctrl Z', does: shortcuts.undo },
  { key: 'Ctrl Shift Z', does: shortcuts.redo },
  { key: '?', does: shortcuts.help },
  { key: '← →', does: shortcuts.moveHandle },
  { key: '↓', does: shortcuts.openPhrase },
  { key: 'Tab', does: shortcuts.next },
]
/** The level that a key takes up. */
export const levelOf = (key: string): Level | undefined =>
  levelKeys.find((one) => one.key === key)?.level
