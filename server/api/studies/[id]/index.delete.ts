import { markRemoved } from '../../../db/studies'
import { notFound, parameter, route } from '../../../http/route'

export default route((event, db) => {
  if (!markRemoved(db, parameter(event, 'id'), new Date().toISOString()))
    throw notFound('such study')
  return {}
})
