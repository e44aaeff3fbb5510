-- Who of a crew from outside may see a job, until it is back or somebody ends it.
CREATE TABLE crew_member (
    user_id VARCHAR(40) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
    job_id VARCHAR(64) NOT NULL,
    invited_by VARCHAR(40) NOT NULL,
    since DATETIME(6) NOT NULL,
    ended BOOLEAN NOT NULL DEFAULT FALSE,
    PRIMARY KEY (user_id, job_id),
    KEY crew_of_job (job_id),
    CONSTRAINT crew_member_is FOREIGN KEY (user_id) REFERENCES app_user (id) ON DELETE CASCADE,
    CONSTRAINT crew_member_of FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);

-- What somebody says about a job, and who took care of it.
CREATE TABLE remark (
    id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id VARCHAR(64) NOT NULL,
    who VARCHAR(40) NOT NULL,
    said_at DATETIME(6) NOT NULL,
    words VARCHAR(1000) NOT NULL,
    settled_at DATETIME(6) NULL,
    settled_by VARCHAR(40) NOT NULL DEFAULT '',
    KEY remark_of_job (job_id, id),
    CONSTRAINT remark_of FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);
