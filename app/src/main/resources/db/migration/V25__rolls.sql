-- What was recorded on which card, and how far each roll is. Steps are added, never changed: a step back is one more.
CREATE TABLE roll (
    id CHAR(36) NOT NULL PRIMARY KEY,
    job_id VARCHAR(64) NOT NULL,
    name VARCHAR(12) NOT NULL,
    build_id VARCHAR(64) NOT NULL,
    card VARCHAR(40) NOT NULL,
    mode VARCHAR(60) NOT NULL,
    UNIQUE KEY roll_name (job_id, name),
    CONSTRAINT roll_of FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

CREATE TABLE roll_step (
    seq BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
    id CHAR(36) NOT NULL,
    roll_id CHAR(36) NOT NULL,
    stage VARCHAR(16) NOT NULL,
    who VARCHAR(40) NOT NULL,
    made_at DATETIME(6) NOT NULL,
    UNIQUE KEY step_id (id),
    KEY step_of_roll (roll_id, seq),
    CONSTRAINT step_of FOREIGN KEY (roll_id) REFERENCES roll (id) ON DELETE CASCADE
);
