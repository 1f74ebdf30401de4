import type { Prose } from '~~/core/text/prose'
import type { SaidMessage } from '~~/core/text/message'

/** A message: its source, what it is written from, and what it says of the rows that are shown. */
export interface MessageView {
  readonly source: Readonly<Ref<string>>
  readonly prose: Readonly<Ref<Prose>>
  readonly said: Readonly<Ref<SaidMessage>>
}
