import { revisionNoteSchema } from '../../../../../shared/study/requests'
import { nameRevision, noteTaken } from '../../../../db/revisions'
import { findStudy } from '../../../../db/studies'
import { bodyOf, notFound, parameter, route } from '../../../../http/route'

export default route(async (event, db) => {
  const note = await bodyOf(event, revisionNoteSchema)
  const study = findStudy(db, parameter(event, 'id'))
  if (!study) throw notFound('such study')
  const number = Number(parameter(event, 'number'))
  const isNoted =
    'name' in note
      ? nameRevision(db, study.id, number, note.name)
      : noteTaken(db, study.id, number, new Date().toISOString())
  if (!isNoted) throw notFound('such revision')
  return {}
})
