-- What people put their names to, byte by byte: the package file and the papers of one revision, and the seal of all of
-- them that each signature carries.
CREATE TABLE signed_paper (
    job_id VARCHAR(64) NOT NULL,
    job_revision INT NOT NULL,
    name VARCHAR(120) NOT NULL,
    content LONGBLOB NOT NULL,
    PRIMARY KEY (job_id, job_revision, name),
    CONSTRAINT signed_paper_of FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

ALTER TABLE signature ADD COLUMN seal CHAR(64) NOT NULL DEFAULT '';

-- Who took the package over, and what they drew for it.
CREATE TABLE handover (
    job_id VARCHAR(64) NOT NULL,
    job_revision INT NOT NULL,
    handed_to VARCHAR(80) NOT NULL,
    drawn MEDIUMTEXT NOT NULL,
    who VARCHAR(40) NOT NULL,
    handed_at DATETIME(6) NOT NULL,
    PRIMARY KEY (job_id, job_revision),
    CONSTRAINT handover_of FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

-- Signatures from before rest on no kept papers: what has not left is signed once more.
UPDATE job
   SET stage_note = CONCAT('It was ', LOWER(stage), ' before signed papers were kept: sign it once more.'),
       stage = 'CHECKED',
       revision = revision + 1
 WHERE stage IN ('SIGNED', 'PACKED');
