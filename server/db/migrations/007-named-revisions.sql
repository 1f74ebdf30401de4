-- What people call a revision that matters to them; one that has a name is never thinned away.
ALTER TABLE revision ADD COLUMN name TEXT;
