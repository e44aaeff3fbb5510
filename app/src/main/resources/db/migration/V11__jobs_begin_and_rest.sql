-- A job that nobody works on any more is laid aside, and may be brought back.
ALTER TABLE job ADD COLUMN archived_at DATETIME NULL;
ALTER TABLE job ADD COLUMN archived_by VARCHAR(40) NOT NULL DEFAULT '';

-- A body that is taken off a job keeps what was built on it, in case it is wanted after all.
ALTER TABLE build ADD COLUMN taken_off BOOLEAN NOT NULL DEFAULT FALSE;
