/** The version of documents that this program writes. */
export const DOCUMENT_VERSION = 1

type Stored = Readonly<Record<string, unknown>>
/**
 * What makes a document of each version one of the next. Documents before the first of them said no
 * version.
 */
const upgrades: readonly ((document: Stored) => Stored)[] = [
  (document) => ({ ...document, version: 1 }),
]

/** A document that a newer program wrote. */
export class NewerDocumentError extends Error {
  override name = 'NewerDocumentError'
  constructor(readonly version: unknown) {
    super(
      `The study was written by a newer version of this program (its version is ${JSON.stringify(version)}, the newest known here ${DOCUMENT_VERSION}). Update the program.`,
    )
  }
}

/**
 * A stored document brought to the newest version; what is no document is left to the schema.
 *
 * @param stored parsed JSON
 * @throws NewerDocumentError for a version that is not known here
 * @example upgraded({ name: 'Harvest', house: {}, quantities: [], shown: null }) // the same, with version 1
 */
export function upgraded(stored: unknown): unknown {
  if (typeof stored !== 'object' || stored === null || Array.isArray(stored)) return stored
  const { version = 0 } = stored as Stored
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 0) return stored
  if (version > DOCUMENT_VERSION) throw new NewerDocumentError(version)
  return upgrades.slice(version).reduce((document, upgrade) => upgrade(document), stored as Stored)
}
