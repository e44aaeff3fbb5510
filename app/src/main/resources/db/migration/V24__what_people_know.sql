-- What people know of types, pieces, standards and jobs. Nothing is overwritten: a note is settled, and another written.
CREATE TABLE note (
    id CHAR(36) NOT NULL PRIMARY KEY,
    kind VARCHAR(16) NOT NULL,
    about_of VARCHAR(16) NOT NULL,
    about_id VARCHAR(64) NOT NULL,
    words VARCHAR(1000) NOT NULL,
    job_id VARCHAR(64) NOT NULL DEFAULT '',
    who VARCHAR(40) NOT NULL,
    noted_at DATETIME(6) NOT NULL,
    settled VARCHAR(300) NOT NULL DEFAULT '',
    settled_by VARCHAR(40) NOT NULL DEFAULT '',
    settled_at DATETIME(6) NULL,
    KEY note_about (about_of, about_id, settled),
    KEY note_at (noted_at)
);

-- What was damaged or went missing, over all jobs, the last first.
CREATE INDEX move_of_kind ON piece_move (kind, seq);
