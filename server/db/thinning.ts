import { DAY } from '../../core/data/dates'
import { changing, type Db } from './database'

/** Days that a removed study is kept, and days with changes that must follow before it goes. */
const [REMOVED_DAYS, WORKED_DAYS] = [30, 7]
/** How many of a study's newest revisions are always kept. */
const NEWEST = 200
/** Of an hour and of a day, as far as a moment of ISO 8601 tells it. */
const [HOUR_LENGTH, DAY_LENGTH] = ['2026-11-29T12'.length, '2026-11-29'.length]

/** Returns the SQL for the moment some days before another, as ISO 8601 text. */
const before = (moment: string, days: number): string =>
  `strftime('%Y-%m-%dT%H:%M:%fZ', ${moment}, '-${days} days')`

/**
 * Deletes revisions older than the newest two hundred, except the last one of each hour, and after a
 * week the last one of each day. Ages count back from the oldest of those two hundred, not from now,
 * so a wrong clock makes nothing old. Revisions within a day of it are kept, and so are those that
 * have a name, were exported, or are the base of others.
 */
const OLD_REVISIONS = `
WITH counted AS (
  SELECT study_id, number, made_at,
    row_number() OVER (PARTITION BY study_id ORDER BY number DESC) AS back
  FROM revision
), reference AS (
  SELECT study_id, min(made_at, :now) AS moment FROM counted WHERE back = ${NEWEST}
), placed AS (
  SELECT study_id, number, row_number() OVER (
    PARTITION BY study_id,
      substr(made_at, 1, iif(made_at >= ${before('moment', 7)}, ${HOUR_LENGTH}, ${DAY_LENGTH}))
    ORDER BY number DESC
  ) AS place
  FROM counted JOIN reference USING (study_id)
  WHERE back > ${NEWEST} AND made_at < ${before('moment', 1)}
)
DELETE FROM revision WHERE (study_id, number) IN (SELECT study_id, number FROM placed WHERE place > 1)
  AND name IS NULL AND taken_at IS NULL
  AND NOT EXISTS (
    SELECT 1 FROM revision AS leaning
    WHERE leaning.study_id = revision.study_id AND leaning.base = revision.number
  )`

/** Deletes studies removed a month ago, once changes on several days followed. */
const OLD_STUDIES = `
DELETE FROM study WHERE removed_at < :month AND (
  SELECT count(DISTINCT substr(made_at, 1, ${DAY_LENGTH})) FROM revision
  WHERE made_at > study.removed_at
) >= ${WORKED_DAYS}`

/**
 * Removes old revisions, and studies that were removed a month ago, and gives their space back to
 * the disk. What leans on a revision goes before it, so that a second look may take that too.
 *
 * @returns how many revisions and studies went
 */
export function thinOut(db: Db, now = new Date()): { revisions: number; studies: number } {
  const went = changing(db, () => {
    const month = new Date(now.getTime() - REMOVED_DAYS * DAY).toISOString()
    const studies = db.prepare(OLD_STUDIES).run({ month }).changes
    const thin = () => db.prepare(OLD_REVISIONS).run({ now: now.toISOString() }).changes
    return { revisions: thin() + thin(), studies }
  })
  if (went.revisions + went.studies > 0) db.pragma('incremental_vacuum')
  return went
}
