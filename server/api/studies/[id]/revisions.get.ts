import { z } from 'zod'
import { listRevisions } from '../../../db/revisions'
import { findStudy } from '../../../db/studies'
import { notFound, parameter, queryOf, route } from '../../../http/route'

const querySchema = z.object({ before: z.coerce.number().int().positive().optional() })

export default route((event, db) => {
  const { before } = queryOf(
    event,
    querySchema,
    '?before=…, the number of a revision: those before it are listed',
  )
  const id = parameter(event, 'id')
  if (!findStudy(db, id)) throw notFound('such study')
  return listRevisions(db, id, before)
})
