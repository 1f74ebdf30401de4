import { revisionNameSchema } from '../../../../../shared/study/requests'
import { nameRevision } from '../../../../db/revisions'
import { findStudy } from '../../../../db/studies'
import { bodyOf, notFound, parameter, route } from '../../../../http/route'

export default route(async (event, db) => {
  const { name } = await bodyOf(event, revisionNameSchema)
  const study = findStudy(db, parameter(event, 'id'))
  if (!study) throw notFound('such study')
  const number = Number(parameter(event, 'number'))
  if (!nameRevision(db, study.id, number, name)) throw notFound('such revision')
  return {}
})
