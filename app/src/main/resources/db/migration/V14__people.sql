-- A person may hold several roles; is invited and reset by a code that works once; may be suspended.
CREATE TABLE app_user_role (
    user_id VARCHAR(40) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
    role VARCHAR(20) NOT NULL,
    PRIMARY KEY (user_id, role),
    CONSTRAINT app_user_role_of FOREIGN KEY (user_id) REFERENCES app_user (id) ON DELETE CASCADE
);
INSERT INTO app_user_role SELECT id, role FROM app_user;
-- Who led a house so far is the only one who can begin to look after its people.
INSERT INTO app_user_role SELECT id, 'ADMINISTRATOR' FROM app_user WHERE role = 'LEAD';
ALTER TABLE app_user
    DROP COLUMN role,
    ADD COLUMN suspended BOOLEAN NOT NULL DEFAULT FALSE,
    ADD COLUMN code VARCHAR(100) NOT NULL DEFAULT '',
    ADD COLUMN code_until DATETIME(6) NULL;

-- Who did what, and who tried: written once, never changed. Sessions hold the roles of their beginning.
CREATE TABLE audit_event (
    seq BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
    done_at DATETIME(6) NOT NULL,
    kind VARCHAR(20) NOT NULL,
    who VARCHAR(80) NOT NULL,
    address VARCHAR(60) NOT NULL,
    subject VARCHAR(120) NOT NULL,
    words VARCHAR(300) NOT NULL,
    KEY audit_event_tries (kind, done_at, who, address)
);
CREATE TRIGGER audit_event_stays BEFORE UPDATE ON audit_event
    FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was done stays as it was written';
CREATE TRIGGER audit_event_is_kept BEFORE DELETE ON audit_event
    FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was done stays as it was written';
DELETE FROM SPRING_SESSION;
