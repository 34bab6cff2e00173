-- What was done at the bench, root by root; and jobs that are not finished yet.
CREATE TABLE worked (
    happening_id BIGINT  NOT NULL PRIMARY KEY REFERENCES happening (id) ON DELETE CASCADE,
    by_eye       BOOLEAN NOT NULL,
    minutes      INTEGER NOT NULL CHECK (minutes >= 0),
    well         VARCHAR(2000) NOT NULL,
    badly        VARCHAR(2000) NOT NULL
);

CREATE TABLE worked_root (
    happening_id BIGINT      NOT NULL REFERENCES worked (happening_id) ON DELETE CASCADE,
    fate         VARCHAR(20) NOT NULL,
    roots        INTEGER     NOT NULL CHECK (roots > 0),
    PRIMARY KEY (happening_id, fate)
);

-- One unfinished job of a plant; what was told of it so far is kept as it was sent.
CREATE TABLE job (
    uid      UUID        NOT NULL PRIMARY KEY,
    plant_id BIGINT      NOT NULL UNIQUE REFERENCES plant (id) ON DELETE CASCADE,
    begun_on DATE        NOT NULL,
    begun_at TIMESTAMP WITH TIME ZONE NOT NULL,
    version  INTEGER     NOT NULL,
    told     VARCHAR(20000) NOT NULL
);
