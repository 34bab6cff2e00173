-- What somebody says came of a move, otherwise than it was worked out; null to have it worked out again.
CREATE TABLE outcome_said (
    happening_id BIGINT NOT NULL PRIMARY KEY REFERENCES happening (id) ON DELETE CASCADE,
    moved_on     DATE   NOT NULL,
    outcome      VARCHAR(20)
);
