-- A study that was removed stays until it is brought back, or for good.
ALTER TABLE study ADD COLUMN removed_at TEXT;
