-- A job laid aside is kept; one that was deleted can be brought back until then.
ALTER TABLE job ADD COLUMN forget_at DATETIME NULL;
-- Whoever laid a job aside so far was told that it is forgotten after thirty days.
UPDATE job SET forget_at = archived_at + INTERVAL 30 DAY WHERE archived_at IS NOT NULL;
