import { newDocument } from '../../../shared/study/document'
import { newStudySchema } from '../../../shared/study/requests'
import { bodyOf, route, senderGone } from '../../http/route'
import { runApart } from '../../apart/run'
import { createStudy, placeFor, studyOfTable } from '../../study/studies'

export default route(async (event, db) => {
  const { name, table } = await bodyOf(event, newStudySchema)
  const document = newDocument(name)
  if (!table) return createStudy(db, document, 'Begin the study')
  const { text, key, ...said } = table
  return studyOfTable(
    db,
    name,
    await runApart(
      db,
      'read',
      { text, said, to: { ...placeFor(name), document } },
      { key, gone: senderGone(event) },
    ),
  )
})
