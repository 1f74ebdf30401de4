import type { Export } from '../../../shared/study'
import type { Sources, Written } from '../written'

/** Makes the files of an export and proves them; what it throws says why nothing is given out. */
export type MakeExport = (
  written: Written,
  sources: Pick<Sources, 'runtime'>,
) => Promise<Omit<Export, 'kind'>> | Omit<Export, 'kind'>
