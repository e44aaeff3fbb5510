CREATE TABLE app_user (
  username     VARCHAR(40)  NOT NULL PRIMARY KEY,
  display_name VARCHAR(80)  NOT NULL,
  password     VARCHAR(100) NOT NULL,
  role         VARCHAR(20)  NOT NULL
);

CREATE TABLE catalogue_type (
  type_id  VARCHAR(64)  NOT NULL,
  revision INT          NOT NULL,
  maker    VARCHAR(60)  NOT NULL,
  name     VARCHAR(80)  NOT NULL,
  category VARCHAR(20)  NOT NULL,
  content  LONGTEXT     NOT NULL CHECK (JSON_VALID(content)),
  PRIMARY KEY (type_id, revision),
  KEY catalogue_by_category (category, name)
);

CREATE TABLE mounting_standard (
  id       VARCHAR(64) NOT NULL,
  revision INT         NOT NULL,
  content  LONGTEXT    NOT NULL CHECK (JSON_VALID(content)),
  PRIMARY KEY (id, revision)
);

CREATE TABLE job (
  id                   VARCHAR(64)  NOT NULL PRIMARY KEY,
  title                VARCHAR(80)  NOT NULL,
  load_at              DATETIME     NOT NULL,
  stage                VARCHAR(20)  NOT NULL,
  -- what is signed: goes up with every change of brief or package
  revision             INT          NOT NULL,
  -- goes up with every change of anything, reads and waivers included
  state_no             BIGINT       NOT NULL,
  brief                LONGTEXT     NOT NULL CHECK (JSON_VALID(brief)),
  rules                LONGTEXT     NOT NULL CHECK (JSON_VALID(rules)),
  clear                BOOLEAN      NOT NULL,
  stops                INT          NOT NULL,
  undecided            INT          NOT NULL,
  unread_cautions      INT          NOT NULL,
  configurations_clear INT          NOT NULL,
  configurations_all   INT          NOT NULL,
  version              BIGINT       NOT NULL,
  KEY job_by_load (load_at)
);

CREATE TABLE build (
  job_id   VARCHAR(64) NOT NULL,
  build_id VARCHAR(64) NOT NULL,
  title    VARCHAR(60) NOT NULL,
  ordinal  INT         NOT NULL,
  revision INT         NOT NULL,
  content  LONGTEXT    NOT NULL CHECK (JSON_VALID(content)),
  version  BIGINT      NOT NULL,
  PRIMARY KEY (job_id, build_id),
  CONSTRAINT build_of_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

CREATE TABLE kit_line (
  job_id        VARCHAR(64) NOT NULL,
  type_id       VARCHAR(64) NOT NULL,
  type_revision INT         NOT NULL,
  pieces        INT         NOT NULL CHECK (pieces > 0),
  PRIMARY KEY (job_id, type_id, type_revision),
  CONSTRAINT kit_of_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE,
  CONSTRAINT kit_type FOREIGN KEY (type_id, type_revision) REFERENCES catalogue_type (type_id, revision)
);

CREATE TABLE journal_entry (
  job_id          VARCHAR(64)  NOT NULL,
  build_id        VARCHAR(64)  NOT NULL,
  seq             INT          NOT NULL,
  who             VARCHAR(40)  NOT NULL,
  done_at         DATETIME(6)  NOT NULL,
  kind            VARCHAR(10)  NOT NULL,
  summary         VARCHAR(200) NOT NULL,
  commands        LONGTEXT     NOT NULL CHECK (JSON_VALID(commands)),
  inverse         LONGTEXT     NOT NULL CHECK (JSON_VALID(inverse)),
  before_revision INT          NOT NULL,
  after_revision  INT          NOT NULL,
  -- for UNDO and REDO: the edit they concern
  of_seq          INT          NOT NULL,
  PRIMARY KEY (job_id, build_id, seq),
  CONSTRAINT journal_of_build FOREIGN KEY (job_id, build_id) REFERENCES build (job_id, build_id) ON DELETE CASCADE
);

CREATE TABLE caution_read (
  job_id  VARCHAR(64)  NOT NULL,
  finding VARCHAR(400) NOT NULL,
  who     VARCHAR(40)  NOT NULL,
  read_at DATETIME(6)  NOT NULL,
  PRIMARY KEY (job_id, finding),
  CONSTRAINT read_of_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

CREATE TABLE waiver (
  job_id          VARCHAR(64)  NOT NULL,
  finding         VARCHAR(400) NOT NULL,
  accepted_excess DOUBLE       NOT NULL,
  reason          VARCHAR(500) NOT NULL,
  who             VARCHAR(40)  NOT NULL,
  waived_at       DATETIME(6)  NOT NULL,
  PRIMARY KEY (job_id, finding),
  CONSTRAINT waiver_of_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

CREATE TABLE signature (
  job_id       VARCHAR(64) NOT NULL,
  job_revision INT         NOT NULL,
  who          VARCHAR(40) NOT NULL,
  signed_at    DATETIME(6) NOT NULL,
  PRIMARY KEY (job_id, job_revision, who),
  CONSTRAINT signature_of_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

CREATE TABLE SPRING_SESSION (
  PRIMARY_ID            CHAR(36) NOT NULL PRIMARY KEY,
  SESSION_ID            CHAR(36) NOT NULL,
  CREATION_TIME         BIGINT   NOT NULL,
  LAST_ACCESS_TIME      BIGINT   NOT NULL,
  MAX_INACTIVE_INTERVAL INT      NOT NULL,
  EXPIRY_TIME           BIGINT   NOT NULL,
  PRINCIPAL_NAME        VARCHAR(100),
  UNIQUE KEY SPRING_SESSION_IX1 (SESSION_ID),
  KEY SPRING_SESSION_IX2 (EXPIRY_TIME),
  KEY SPRING_SESSION_IX3 (PRINCIPAL_NAME)
);

CREATE TABLE SPRING_SESSION_ATTRIBUTES (
  SESSION_PRIMARY_ID CHAR(36)     NOT NULL,
  ATTRIBUTE_NAME     VARCHAR(200) NOT NULL,
  ATTRIBUTE_BYTES    BLOB         NOT NULL,
  PRIMARY KEY (SESSION_PRIMARY_ID, ATTRIBUTE_NAME),
  CONSTRAINT SPRING_SESSION_ATTRIBUTES_FK FOREIGN KEY (SESSION_PRIMARY_ID)
    REFERENCES SPRING_SESSION (PRIMARY_ID) ON DELETE CASCADE
);
