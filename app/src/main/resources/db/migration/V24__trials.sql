-- A plant of a trial: what is tried, against what, what is looked at, and until when.
CREATE TABLE trial_begun (
    happening_id BIGINT       NOT NULL PRIMARY KEY REFERENCES happening (id) ON DELETE CASCADE,
    trial        UUID         NOT NULL,
    name         VARCHAR(200) NOT NULL,
    tried        VARCHAR(10)  NOT NULL,
    against      VARCHAR(12)  NOT NULL,
    looks        VARCHAR(300) NOT NULL,
    since        DATE         NOT NULL,
    judge_on     DATE         NOT NULL,
    side         VARCHAR(10)  NOT NULL,
    pair         INTEGER      NOT NULL
);

-- The end of a trial for a plant, and what its keeper says of it.
CREATE TABLE trial_ended (
    happening_id BIGINT        NOT NULL PRIMARY KEY REFERENCES happening (id) ON DELETE CASCADE,
    trial        UUID          NOT NULL,
    words        VARCHAR(1000) NOT NULL
);
