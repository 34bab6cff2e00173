-- What the trainer asked, and what came of it, in the order in which it was answered.
CREATE TABLE trained (
    id          BIGINT GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    answered_on DATE         NOT NULL,
    asked       VARCHAR(80)  NOT NULL,
    said        VARCHAR(20)  NOT NULL,
    how         VARCHAR(20),
    looked      VARCHAR(300) NOT NULL,
    sure        VARCHAR(10),
    mark        VARCHAR(20)  NOT NULL
);
