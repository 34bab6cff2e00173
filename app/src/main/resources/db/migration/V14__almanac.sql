-- Days on which somebody has time for the bench.
CREATE TABLE bench_day (
    on_day  DATE    NOT NULL PRIMARY KEY,
    minutes INTEGER NOT NULL
);

-- On which of them a plant's job lay in the last plan, and whether somebody chose that.
CREATE TABLE bench_job (
    plant_id BIGINT  NOT NULL PRIMARY KEY REFERENCES plant (id) ON DELETE CASCADE,
    on_day   DATE    NOT NULL,
    pinned   BOOLEAN NOT NULL
);

-- Small jobs that were done, and those of the collector's own.
CREATE TABLE fixed (
    happening_id BIGINT      NOT NULL PRIMARY KEY REFERENCES happening (id) ON DELETE CASCADE,
    fix          VARCHAR(20) NOT NULL
);

CREATE TABLE task (
    happening_id BIGINT       NOT NULL PRIMARY KEY REFERENCES happening (id) ON DELETE CASCADE,
    task         VARCHAR(200) NOT NULL
);

-- What the calendar said of each thing last, so that changes and cancellations can be told.
CREATE TABLE published (
    uid        VARCHAR(200) NOT NULL PRIMARY KEY,
    content    VARCHAR(4000) NOT NULL,
    version    INTEGER      NOT NULL,
    changed_at TIMESTAMP WITH TIME ZONE NOT NULL,
    until_day  DATE         NOT NULL,
    cancelled  BOOLEAN      NOT NULL
);
