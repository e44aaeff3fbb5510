-- What an instrument said. Rows are only added; a result of a test names the one that it is.
CREATE TABLE reading (
    id CHAR(36) NOT NULL PRIMARY KEY,
    instrument VARCHAR(60) NOT NULL,
    kind VARCHAR(20) NOT NULL,
    measured DOUBLE NOT NULL,
    plus_minus DOUBLE NOT NULL,
    unit VARCHAR(16) NOT NULL,
    who VARCHAR(40) NOT NULL,
    read_at DATETIME(6) NOT NULL,
    KEY reading_by (who, read_at)
);
