-- A finding's key says which fact of which subjects it is about; what was accepted keeps its value and unit. Rows of the
-- form before (key_form 1) are translated at the next start, when the checks can be asked; until then they count for
-- nothing.
ALTER TABLE caution_read
    MODIFY finding VARCHAR(600) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
    ADD COLUMN excess DOUBLE NOT NULL DEFAULT 0 AFTER finding,
    ADD COLUMN unit VARCHAR(20) NOT NULL DEFAULT '' AFTER excess,
    ADD COLUMN key_form INT NOT NULL DEFAULT 1;
ALTER TABLE waiver
    MODIFY finding VARCHAR(600) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
    ADD COLUMN unit VARCHAR(20) NOT NULL DEFAULT '' AFTER accepted_excess,
    ADD COLUMN key_form INT NOT NULL DEFAULT 1;
ALTER TABLE proposal
    MODIFY finding VARCHAR(600) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;
