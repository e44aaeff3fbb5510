-- The number of what all jobs are judged by: rules, ways of working and standards of the house. Goes up with each change.
CREATE TABLE house_state (
    id INT NOT NULL PRIMARY KEY,
    rules BIGINT NOT NULL
);
INSERT INTO house_state VALUES (1, 1);

-- Under which rules and by which checks a job was judged last; when they are others, it is judged anew.
ALTER TABLE job
    ADD COLUMN judged_under BIGINT NOT NULL DEFAULT 0,
    ADD COLUMN judged_with VARCHAR(16) NOT NULL DEFAULT '',
    -- the rules under which the verdict became another than it was; 0 when they never changed it
    ADD COLUMN turned_under BIGINT NOT NULL DEFAULT 0;
