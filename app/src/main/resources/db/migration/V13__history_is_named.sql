-- Why something was done, in its own column, and what a state is called once somebody names it ("as tested").
ALTER TABLE journal_entry ADD COLUMN reason VARCHAR(160) NOT NULL DEFAULT '';
ALTER TABLE journal_entry ADD COLUMN name VARCHAR(80) NOT NULL DEFAULT '';
ALTER TABLE journal_entry ADD COLUMN named_by VARCHAR(40) NOT NULL DEFAULT '';
