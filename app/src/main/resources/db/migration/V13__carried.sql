-- The name of a place outside the program, for good.
ALTER TABLE place ADD COLUMN uid UUID DEFAULT RANDOM_UUID() NOT NULL;
ALTER TABLE place ADD CONSTRAINT place_uid UNIQUE (uid);
