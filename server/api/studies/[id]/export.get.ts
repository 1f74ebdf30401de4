import { z } from 'zod'
import { SURFACES } from '../../../../core/surfaces'
import { EXPORT_IDS } from '../../../../shared/exports'
import { LONGEST_LACKING, ROWS_TAKEN, USUAL_WISHES } from '../../../../shared/exports/wishes'
import { studyFileName } from '../../../../shared/names'
import { notFound, parameter, queryOf, route, senderGone } from '../../../http/route'
import { runApart } from '../../../apart/run'
import { loadStudy } from '../../../study/studies'

const querySchema = z.object({
  quantity: z.string(),
  surface: z.enum(SURFACES).optional(),
  as: z.enum(EXPORT_IDS).default('module'),
  rows: z.enum(ROWS_TAKEN).default(USUAL_WISHES.rows),
  lacking: z.string().min(1).max(LONGEST_LACKING).optional(),
})

export default route(async (event, db) => {
  const asked = queryOf(
    event,
    querySchema,
    `?quantity=…, the id of a quantity of the study, &surface=…, one of ${SURFACES.join(', ')}, and &as=…, one of ${EXPORT_IDS.join(', ')}`,
  )
  const study = loadStudy(db, parameter(event, 'id'))
  if (!study) throw notFound('such study')
  const quantity = study.document.quantities.find((one) => one.id === asked.quantity)
  if (!quantity) throw notFound('such quantity')
  const { document, datasets, revision } = study
  const from = { study: document.name, revision, file: studyFileName(document.name) }
  const { surface: level = 'quantity', as: id, rows, lacking = null } = asked
  const wishes = { rows, lacking }
  return runApart(
    db,
    'export',
    { id, document, datasets, quantity, level, from, wishes },
    { gone: senderGone(event) },
  )
})
