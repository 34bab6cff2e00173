-- A look or a small job of the collector's own: what, on which day, and how often.
CREATE TABLE booked (
    happening_id BIGINT       NOT NULL PRIMARY KEY REFERENCES happening (id) ON DELETE CASCADE,
    booking      UUID         NOT NULL,
    is_look      BOOLEAN      NOT NULL,
    words        VARCHAR(200) NOT NULL,
    due_day      DATE         NOT NULL,
    every_weeks  INTEGER      NOT NULL
);

-- Such a booking that is over.
CREATE TABLE unbooked (
    happening_id BIGINT NOT NULL PRIMARY KEY REFERENCES happening (id) ON DELETE CASCADE,
    booking      UUID   NOT NULL
);

-- A rooting dip, slow feed or infusion that was given at the bench.
CREATE TABLE aided (
    happening_id BIGINT       NOT NULL PRIMARY KEY REFERENCES happening (id) ON DELETE CASCADE,
    aid          VARCHAR(20)  NOT NULL,
    used         VARCHAR(200) NOT NULL
);

-- What its flowers are like, so that swapped tags can be told apart.
ALTER TABLE named ADD COLUMN flowers VARCHAR(200) DEFAULT '' NOT NULL;
