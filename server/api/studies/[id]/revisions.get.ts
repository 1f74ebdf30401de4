import { getQuery } from 'h3'
import { z } from 'zod'
import { listRevisions } from '../../../db/revisions'
import { findStudy } from '../../../db/studies'
import { RequestError } from '../../../http/problems'
import { notFound, parameter, route } from '../../../http/route'

const querySchema = z.object({ before: z.coerce.number().int().positive().optional() })

export default route((event, db) => {
  const query = querySchema.safeParse(getQuery(event))
  if (!query.success)
    throw new RequestError(
      400,
      'Bad request',
      'The address takes ?before=…, the number of a revision: those before it are listed.',
    )
  const id = parameter(event, 'id')
  if (!findStudy(db, id)) throw notFound('such study')
  return listRevisions(db, id, query.data.before)
})
