-- An operator may work otherwise than the house: rows without a person are the house's.
ALTER TABLE house_way
    ADD COLUMN person VARCHAR(80) NOT NULL DEFAULT '' FIRST,
    DROP PRIMARY KEY,
    ADD PRIMARY KEY (person, way_id);

-- How a configuration was left: numbers and drawing.
CREATE TABLE left_state (
    id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id VARCHAR(64) NOT NULL,
    build_id VARCHAR(64) NOT NULL,
    configuration_id VARCHAR(64) NOT NULL,
    lens_id VARCHAR(64) NOT NULL,
    revision INT NOT NULL,
    who VARCHAR(40) NOT NULL,
    left_at DATETIME(6) NOT NULL,
    note VARCHAR(200) NOT NULL,
    marks LONGTEXT NOT NULL,
    drawing LONGTEXT NOT NULL,
    KEY left_state_of (job_id, build_id, configuration_id, id),
    CONSTRAINT left_state_build FOREIGN KEY (job_id, build_id) REFERENCES build (job_id, build_id)
);
