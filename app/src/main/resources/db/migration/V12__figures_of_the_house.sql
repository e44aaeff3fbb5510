-- The house's own numbers, as they were set one after another; the last of a rule stands. Without a figure it is the
-- standard one again.
CREATE TABLE house_figure (
    seq BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
    rule_id VARCHAR(40) NOT NULL,
    figure DOUBLE NULL,
    reason VARCHAR(200) NOT NULL,
    source VARCHAR(200) NOT NULL,
    who VARCHAR(40) NOT NULL,
    set_at DATETIME(6) NOT NULL,
    KEY house_figure_of_rule (rule_id, seq)
);

-- A job has no numbers of its own: nobody could ever set them.
ALTER TABLE job DROP COLUMN rules;
