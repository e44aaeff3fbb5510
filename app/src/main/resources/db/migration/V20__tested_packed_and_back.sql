-- What was found at the bench: rows are only added, the last of a test holds. The id is made where the result is made,
-- so that one sent twice counts once.
CREATE TABLE test_result (
    seq BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
    id CHAR(36) NOT NULL,
    job_id VARCHAR(64) NOT NULL,
    test_key VARCHAR(190) NOT NULL,
    print VARCHAR(16) NOT NULL,
    outcome VARCHAR(16) NOT NULL,
    measured DOUBLE NULL,
    plus_minus DOUBLE NOT NULL DEFAULT 0,
    unit VARCHAR(16) NOT NULL DEFAULT '',
    instrument VARCHAR(60) NOT NULL DEFAULT '',
    revision INT NOT NULL,
    who VARCHAR(40) NOT NULL,
    tested_at DATETIME(6) NOT NULL,
    remark VARCHAR(300) NOT NULL DEFAULT '',
    UNIQUE KEY result_once (id),
    KEY result_of_job (job_id, seq),
    CONSTRAINT result_of FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

-- The pieces of the house: one row for each that can be told from the others.
CREATE TABLE piece (
    code VARCHAR(40) NOT NULL PRIMARY KEY,
    type_id VARCHAR(64) NOT NULL,
    serial VARCHAR(60) NOT NULL DEFAULT '',
    owner VARCHAR(16) NOT NULL,
    owned_by VARCHAR(60) NOT NULL DEFAULT '',
    state VARCHAR(16) NOT NULL,
    home VARCHAR(60) NOT NULL DEFAULT '',
    grams DOUBLE NULL,
    note VARCHAR(300) NOT NULL DEFAULT '',
    version BIGINT NOT NULL DEFAULT 0,
    KEY piece_of_type (type_id, code)
);

-- What was scanned into cases and back: rows are only added.
CREATE TABLE piece_move (
    seq BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
    id CHAR(36) NOT NULL,
    job_id VARCHAR(64) NOT NULL,
    kind VARCHAR(16) NOT NULL,
    type_id VARCHAR(64) NOT NULL,
    piece VARCHAR(40) NOT NULL DEFAULT '',
    pieces INT NOT NULL,
    box INT NOT NULL DEFAULT 0,
    who VARCHAR(40) NOT NULL,
    moved_at DATETIME(6) NOT NULL,
    remark VARCHAR(300) NOT NULL DEFAULT '',
    cost DOUBLE NULL,
    UNIQUE KEY move_once (id),
    KEY move_of_job (job_id, seq),
    KEY move_of_piece (piece, seq),
    CONSTRAINT move_of FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

-- Why a job is not as far as it was. Built and signed ask for more now than they did: every step ticked, every test
-- passed. Nobody has put that down yet, so such a job begins again; what has left has left.
ALTER TABLE job ADD COLUMN stage_note VARCHAR(200) NOT NULL DEFAULT '';
UPDATE job
   SET stage_note = CONCAT('It was ', LOWER(stage), ' before steps and tests were asked for: tick and test it, then sign it again.'),
       stage = 'DRAFT',
       revision = revision + 1
 WHERE stage IN ('BUILT', 'SIGNED');
