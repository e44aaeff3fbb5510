-- Whether a part is offered for new work. A part without a row is; revisions stay on file for the jobs that are built of them.
CREATE TABLE part_standing (
  type_id  VARCHAR(80)  NOT NULL PRIMARY KEY,
  standing VARCHAR(10)  NOT NULL CHECK (standing IN ('HELD', 'RETIRED')),
  by_whom  VARCHAR(120) NOT NULL,
  since    TIMESTAMP(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3)
);
