import type { Value } from '../../core/label/types'
import type { ExportProof } from './export'

/**
 * An export that is not given out: its labels are not those of the core, or there is nothing to
 * write.
 */
export class ExportError extends Error {
  override name = 'ExportError'
}

const MOST_TOLD = 5
/** How two writings of the same values compare. */
export function compared(
  how: string,
  values: readonly Value[],
  labels: readonly string[],
  others: readonly string[],
): ExportProof {
  const differing = labels.flatMap((label, at) => (label === others[at] ? [] : [at]))
  return {
    how,
    values: values.length,
    equal: labels.length - differing.length,
    differs: differing
      .slice(0, MOST_TOLD)
      .map((at) => ({ value: String(values[at]), label: labels[at]!, other: others[at] ?? '' })),
  }
}
/**
 * The same of what must be equal.
 *
 * @throws ExportError naming the first that is not
 */
export function provedEqual(
  how: string,
  values: readonly Value[],
  labels: readonly string[],
  others: readonly string[],
): ExportProof {
  const proof = compared(how, values, labels, others)
  const [first] = proof.differs
  if (first || labels.length !== others.length)
    throw new ExportError(
      `${how}, and says ${JSON.stringify(first?.other ?? others.length)} where the desk says ${JSON.stringify(first?.label ?? labels.length)}; nothing was exported.`,
    )
  return proof
}
