-- What changed, for the screens of the others; forgotten after an hour.
CREATE TABLE house_event (
    seq BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
    happened_at DATETIME(6) NOT NULL,
    -- empty: the house's rules
    job_id VARCHAR(64) NOT NULL,
    who VARCHAR(40) NOT NULL,
    -- the browser's tab that did it, which need not be told
    tab VARCHAR(40) NOT NULL,
    KEY house_event_age (happened_at)
);

-- Which job somebody has on a screen; a tab says so again every few seconds.
CREATE TABLE presence (
    tab VARCHAR(40) NOT NULL PRIMARY KEY,
    who VARCHAR(40) NOT NULL,
    job_id VARCHAR(64) NOT NULL,
    build_id VARCHAR(64) NOT NULL,
    seen_at DATETIME(6) NOT NULL,
    KEY presence_of_job (job_id, seen_at)
);
