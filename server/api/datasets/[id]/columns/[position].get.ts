import { setResponseHeader } from 'h3'
import { columnBody } from '../../../../db/columns'
import { notFound, parameter, route } from '../../../../http/route'

/** A column's cells as they are kept: one buffer of little-endian doubles, or a JSON array. */
export default route((event, db) => {
  const column = columnBody(db, parameter(event, 'id'), Number(parameter(event, 'position')))
  if (!column) throw notFound('such column')
  setResponseHeader(
    event,
    'content-type',
    column.encoding === 'float64' ? 'application/octet-stream' : 'application/json',
  )
  return column.body
})
