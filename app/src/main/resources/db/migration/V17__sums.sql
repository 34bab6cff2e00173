-- What the files of a photograph were when they came, as SHA-256 in hexadecimal: the picture and its small one.
ALTER TABLE photo ADD COLUMN digest VARCHAR(64);
ALTER TABLE photo ADD COLUMN small_digest VARCHAR(64);
