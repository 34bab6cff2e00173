-- Courses that were begun on a plant, or on one that it stands beside.
CREATE TABLE course (
    happening_id BIGINT       NOT NULL PRIMARY KEY REFERENCES happening (id) ON DELETE CASCADE,
    course       UUID         NOT NULL,
    product      VARCHAR(200) NOT NULL,
    foe          VARCHAR(10)  NOT NULL,
    every_days   INTEGER      NOT NULL,
    times        INTEGER      NOT NULL
);

-- A treatment of such a course, or its end.
CREATE TABLE course_step (
    happening_id BIGINT NOT NULL PRIMARY KEY REFERENCES happening (id) ON DELETE CASCADE,
    course       UUID   NOT NULL
);

-- A check that somebody put off, and why.
CREATE TABLE put_off (
    happening_id BIGINT       NOT NULL PRIMARY KEY REFERENCES happening (id) ON DELETE CASCADE,
    purpose      VARCHAR(20)  NOT NULL,
    since        DATE         NOT NULL,
    until_day    DATE         NOT NULL,
    reason       VARCHAR(200) NOT NULL
);

-- Whether the ball stayed whole, or rot was cut out; from it follows when to look again.
ALTER TABLE worked ADD COLUMN way VARCHAR(10) DEFAULT 'OPENED' NOT NULL;
