-- When something was taken away of a revision; such a one is never thinned away.
ALTER TABLE revision ADD COLUMN taken_at TEXT;
