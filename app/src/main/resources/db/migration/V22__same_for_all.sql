-- What was told of a job before the same was told of all in its batch; empty once it went on.
ALTER TABLE job ADD COLUMN told_before VARCHAR(100000);
