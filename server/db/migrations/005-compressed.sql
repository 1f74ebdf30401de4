-- A revision's document is kept compressed (raw DEFLATE, RFC 1951), with that of an earlier revision
-- as its dictionary where `base` names one; those of earlier forms stand as text.
CREATE TABLE revision_compressed (
  study_id TEXT NOT NULL REFERENCES study (id) ON DELETE CASCADE,
  number   INTEGER NOT NULL,
  document TEXT CHECK (document IS NULL OR json_valid(document)),
  body     BLOB,
  base     INTEGER,
  what     TEXT NOT NULL,
  made_at  TEXT NOT NULL,
  key      TEXT,
  PRIMARY KEY (study_id, number),
  CHECK ((document IS NULL) <> (body IS NULL))
) STRICT, WITHOUT ROWID;
INSERT INTO revision_compressed (study_id, number, document, what, made_at, key)
  SELECT study_id, number, document, what, made_at, key FROM revision;
DROP TABLE revision;
ALTER TABLE revision_compressed RENAME TO revision;
