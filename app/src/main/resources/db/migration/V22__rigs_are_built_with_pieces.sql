-- Which of the house's pieces the parts of a rig are: their codes, a blank around each, so that whoever weighs a piece
-- finds the jobs that were built with it.
ALTER TABLE build ADD COLUMN pieces TEXT NOT NULL DEFAULT ' ';
