-- What a column is for and how its cells were read: role, rule, unit, power and open questions.
ALTER TABLE dataset_column ADD COLUMN reading TEXT CHECK (reading IS NULL OR json_valid(reading));
