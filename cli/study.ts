import { basename } from 'node:path'
import { isFailure, studyFindings } from '../shared/report/findings'
import { USUAL_SIZE } from '../shared/page/layout'
import type { PageSize } from '../shared/page/values'
import { type ReportFormat, reportFormats } from '../shared/report/formats'
import { InputError } from './input'
import { onNewData } from './newData'
import { readStudy } from './studyFile'

const FORMATS = Object.keys(reportFormats) as ReportFormat[]
/** The least finding that fails a run. */
export const FAIL_ON = ['error', 'warning', 'note'] as const
export type FailOn = (typeof FAIL_ON)[number]

/** How the findings of a file are wanted. */
interface Wanted {
  readonly format: string
  /** A table whose rows stand in for the study's own. */
  readonly data?: string
  readonly failOn: FailOn
  /** CSS pixels of the reader's page, as text; the desk's where none is given. */
  readonly width?: string
}

/** Pages as narrow and as wide as readers have them. */
const [NARROWEST, WIDEST] = [160, 10_000]
/** The size of a page of some width. @throws InputError */
function sizeFor(width: string | undefined): PageSize {
  if (width === undefined) return USUAL_SIZE
  const pixels = Number(width)
  if (!(pixels >= NARROWEST && pixels <= WIDEST))
    throw new InputError(`--width takes ${NARROWEST} to ${WIDEST} pixels; it was ${width}`)
  return { ...USUAL_SIZE, width: pixels }
}

/**
 * Checks a study's file for continuous integration.
 *
 * @returns the report, and whether it has a finding as serious as wanted that nobody left with a
 *   reason
 * @throws InputError for a file that is not there, or is no study
 */
export async function checkStudy(
  path: string,
  { format, data, failOn, width }: Wanted,
): Promise<{ report: string; isBad: boolean }> {
  const write = reportFormats[format as ReportFormat]
  if (!write) throw new InputError(`--format takes ${FORMATS.join(', ')}; it was ${format}`)
  const size = sizeFor(width)
  const read = readStudy(path)
  const { study, findings } =
    data === undefined ? { study: read, findings: [] } : await onNewData(read, data)
  const all = [...findings, ...studyFindings(study, size)]
  return {
    report: write(all, basename(path), read.text),
    isBad: all.some((one) => isFailure(one, failOn)),
  }
}
