-- What was ticked off as made ready for a bench day.
CREATE TABLE bench_ready (
    on_day DATE         NOT NULL,
    thing  VARCHAR(300) NOT NULL,
    PRIMARY KEY (on_day, thing)
);
