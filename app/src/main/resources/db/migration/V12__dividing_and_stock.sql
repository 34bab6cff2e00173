-- A plant as it was drawn, growth by growth.
CREATE TABLE mapped_growth (
    happening_id BIGINT      NOT NULL REFERENCES happening (id) ON DELETE CASCADE,
    turn         INTEGER     NOT NULL,
    name         VARCHAR(20) NOT NULL,
    firmness     VARCHAR(20) NOT NULL,
    roots        INTEGER     NOT NULL CHECK (roots >= 0),
    new_roots    BOOLEAN     NOT NULL,
    front        VARCHAR(20) NOT NULL,
    x_mm         DOUBLE PRECISION NOT NULL,
    y_mm         DOUBLE PRECISION NOT NULL,
    heading      DOUBLE PRECISION,
    PRIMARY KEY (happening_id, turn)
);

CREATE TABLE mapped_joint (
    happening_id  BIGINT      NOT NULL REFERENCES happening (id) ON DELETE CASCADE,
    turn          INTEGER     NOT NULL,
    one           VARCHAR(20) NOT NULL,
    other         VARCHAR(20) NOT NULL,
    natural_break BOOLEAN     NOT NULL,
    PRIMARY KEY (happening_id, turn)
);

-- What lies ready for the bench. What there is of it is the sum of its changes, less what acts that
-- hold have drawn.
CREATE TABLE stock_item (
    uid         UUID        NOT NULL PRIMARY KEY,
    goods       VARCHAR(20) NOT NULL,
    pot         VARCHAR(20),
    diameter_mm DOUBLE PRECISION,
    depth_mm    DOUBLE PRECISION,
    component   VARCHAR(40),
    grade       VARCHAR(20),
    name        VARCHAR(80)
);

CREATE TABLE stock_change (
    id         BIGINT GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    item_uid   UUID             NOT NULL REFERENCES stock_item (uid) ON DELETE CASCADE,
    changed_on DATE             NOT NULL,
    amount     DOUBLE PRECISION NOT NULL
);

-- The item may be gone by now; what it was called then stays.
CREATE TABLE drew (
    happening_id BIGINT           NOT NULL REFERENCES happening (id) ON DELETE CASCADE,
    turn         INTEGER          NOT NULL,
    item_uid     UUID             NOT NULL,
    amount       DOUBLE PRECISION NOT NULL,
    ml           BOOLEAN          NOT NULL,
    words        VARCHAR(200)     NOT NULL,
    PRIMARY KEY (happening_id, turn)
);

CREATE TABLE recipe (
    uid  UUID        NOT NULL PRIMARY KEY,
    name VARCHAR(80) NOT NULL UNIQUE
);

CREATE TABLE recipe_part (
    recipe_uid UUID        NOT NULL REFERENCES recipe (uid) ON DELETE CASCADE,
    component  VARCHAR(40) NOT NULL,
    parts      DOUBLE PRECISION NOT NULL CHECK (parts > 0),
    PRIMARY KEY (recipe_uid, component)
);

-- Several plants that are worked on in one go.
CREATE TABLE batch (
    uid      UUID NOT NULL PRIMARY KEY,
    begun_on DATE NOT NULL
);

CREATE TABLE batch_plant (
    batch_uid   UUID    NOT NULL REFERENCES batch (uid) ON DELETE CASCADE,
    plant_id    BIGINT  NOT NULL REFERENCES plant (id) ON DELETE CASCADE,
    turn        INTEGER NOT NULL,
    job_uid     UUID    NOT NULL,
    tag_checked BOOLEAN NOT NULL,
    PRIMARY KEY (batch_uid, plant_id)
);

ALTER TABLE job ALTER COLUMN told SET DATA TYPE VARCHAR(100000);
