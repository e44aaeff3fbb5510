-- One row that goes up with every change of parts or standards: what is kept of them is kept by this number.
CREATE TABLE catalogue_version (
  id      INT    NOT NULL PRIMARY KEY CHECK (id = 1),
  version BIGINT NOT NULL
);
INSERT INTO catalogue_version (id, version) VALUES (1, 1);
