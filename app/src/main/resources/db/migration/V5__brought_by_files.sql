-- What a file brings is the package's own until somebody of the house takes it: parts, standards, reads, waivers.
ALTER TABLE kit_line DROP FOREIGN KEY kit_type;

CREATE TABLE package_part (
  job_id   VARCHAR(64) NOT NULL,
  type_id  VARCHAR(64) NOT NULL,
  revision INT         NOT NULL,
  content  LONGTEXT    NOT NULL CHECK (JSON_VALID(content)),
  PRIMARY KEY (job_id, type_id, revision),
  CONSTRAINT package_part_of_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

CREATE TABLE package_standard (
  job_id   VARCHAR(64) NOT NULL,
  id       VARCHAR(64) NOT NULL,
  content  LONGTEXT    NOT NULL CHECK (JSON_VALID(content)),
  PRIMARY KEY (job_id, id),
  CONSTRAINT package_standard_of_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

-- A read or a waiver that a file tells of. Who said so there is a name, not a person of this house.
CREATE TABLE proposal (
  job_id  VARCHAR(64)  NOT NULL,
  finding VARCHAR(400) NOT NULL,
  kind    VARCHAR(10)  NOT NULL,
  reason  VARCHAR(500) NOT NULL,
  who     VARCHAR(80)  NOT NULL,
  said_at VARCHAR(40)  NOT NULL,
  PRIMARY KEY (job_id, finding),
  CONSTRAINT proposal_of_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);
