-- What the list of jobs shows, searches and orders by stands in columns.
ALTER TABLE job
    ADD COLUMN place VARCHAR(120) NOT NULL DEFAULT '' AFTER load_at,
    ADD COLUMN operator VARCHAR(80) NOT NULL DEFAULT '' AFTER place;
UPDATE job SET place = COALESCE(JSON_VALUE(brief, '$.place'), ''),
               operator = COALESCE(JSON_VALUE(brief, '$.crew.operator'), '');
