-- On which bench day a job lay last before it lay where it lies, and was not done.
ALTER TABLE bench_job ADD COLUMN missed_on DATE;
