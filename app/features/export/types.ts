import type { Export } from '~~/shared/exports/export'
import type { ExportTitle } from '~~/shared/exports/types'
import type { Wishes } from '~~/shared/exports/wishes'
import type { Level } from '~~/shared/quantities'
import type { Page } from '~/features/page/usePage'

/** What is taken away. */
export interface Taking {
  readonly study: { readonly id: string; readonly name: string }
  readonly quantity: { readonly id: string; readonly title: string }
  readonly level: Level
  readonly wishes: Wishes
}
/** A form of what is taken away, as the page offers it. */
export interface TakenForm extends ExportTitle {
  /** Whether rows go along, which a filter can leave out. */
  readonly takesRows?: true
  /** Whether there is anything to take in it now; where it is not given, there always is. */
  isOffered?(): boolean
  /** @throws Error saying why nothing is given out */
  make(taking: Taking, page: Page): Promise<Export>
}
