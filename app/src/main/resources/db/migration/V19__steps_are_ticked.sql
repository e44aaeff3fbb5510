-- Each tick of a step of putting a rig together, and each tick taken back: rows are only added, the last of a step holds.
-- The id is made where the tick is made, so that one sent twice counts once.
CREATE TABLE assembly_tick (
    seq BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
    id CHAR(36) NOT NULL,
    job_id VARCHAR(64) NOT NULL,
    build_id VARCHAR(64) NOT NULL,
    configuration_id VARCHAR(64) NOT NULL,
    step_key VARCHAR(160) NOT NULL,
    print VARCHAR(16) NOT NULL,
    done BOOLEAN NOT NULL,
    who VARCHAR(40) NOT NULL,
    ticked_at DATETIME(6) NOT NULL,
    minutes DOUBLE NULL,
    remark VARCHAR(300) NOT NULL DEFAULT '',
    UNIQUE KEY tick_once (id),
    KEY tick_of_rig (job_id, build_id, configuration_id, seq),
    CONSTRAINT tick_of FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
);
