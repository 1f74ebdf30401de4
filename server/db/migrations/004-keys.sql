-- What a save was called by whoever sent it, so that one whose answer got lost is known again.
ALTER TABLE revision ADD COLUMN key TEXT;
