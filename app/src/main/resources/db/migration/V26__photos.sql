-- Photos of steps, tests, findings, cases and pieces. The picture is kept beside what is told of it, so that a list
-- reads none.
CREATE TABLE photo (
    id CHAR(36) NOT NULL PRIMARY KEY,
    job_id VARCHAR(64) NOT NULL,
    of_kind VARCHAR(16) NOT NULL,
    of_id VARCHAR(300) NOT NULL,
    width_px INT NOT NULL,
    height_px INT NOT NULL,
    words VARCHAR(300) NOT NULL DEFAULT '',
    marks JSON NOT NULL,
    taken_by VARCHAR(40) NOT NULL,
    taken_at DATETIME(6) NOT NULL,
    version BIGINT NOT NULL,
    KEY photo_of_piece (of_kind, of_id),
    KEY photo_of_job (job_id, taken_at),
    CONSTRAINT photo_of FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

CREATE TABLE photo_picture (
    photo_id CHAR(36) NOT NULL PRIMARY KEY,
    picture MEDIUMBLOB NOT NULL,
    small MEDIUMBLOB NOT NULL,
    CONSTRAINT picture_of FOREIGN KEY (photo_id) REFERENCES photo (id) ON DELETE CASCADE
);
