import { setResponseHeader } from 'h3'
import { z } from 'zod'
import { hasRevision } from '../../../db/revisions'
import { findStudyAnywhere } from '../../../db/studies'
import { regionsOf } from '../../../http/localeTables'
import { notFound, parameter, queryOf, route } from '../../../http/route'
import { revisionPicture } from '../../../study/picture'

const querySchema = z.object({ revision: z.coerce.number().int().positive().optional() })
/** What stands for a page on which there is nothing yet. */
const EMPTY = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 5 3"/>'

export default route(async (event, db) => {
  const asked = queryOf(
    event,
    querySchema,
    '?revision=…, the number of a revision; without it the newest is drawn',
  )
  const study = findStudyAnywhere(db, parameter(event, 'id'))
  if (!study) throw notFound('such study')
  const revision = asked.revision ?? study.revision
  if (!hasRevision(db, study.id, revision)) throw notFound('such revision')
  const picture = await revisionPicture(db, study.id, revision, regionsOf)
  setResponseHeader(event, 'content-type', 'image/svg+xml; charset=utf-8')
  return picture ?? EMPTY
})
