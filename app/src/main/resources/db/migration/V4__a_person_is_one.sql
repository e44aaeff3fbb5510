-- A person is one however the name is typed: rows refer to the person's id, which never changes and is compared exactly.
ALTER TABLE app_user ADD COLUMN id VARCHAR(40) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL FIRST;
UPDATE app_user SET id = username;
ALTER TABLE app_user
    MODIFY id VARCHAR(40) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
    DROP PRIMARY KEY,
    ADD PRIMARY KEY (id),
    ADD UNIQUE KEY app_user_by_name (username);

UPDATE signature s JOIN app_user u ON s.who = u.username SET s.who = u.id;
UPDATE caution_read r JOIN app_user u ON r.who = u.username SET r.who = u.id;
UPDATE waiver w JOIN app_user u ON w.who = u.username SET w.who = u.id;
UPDATE journal_entry e JOIN app_user u ON e.who = u.username SET e.who = u.id;
UPDATE house_way h JOIN app_user u ON h.who = u.username SET h.who = u.id;
UPDATE left_state l JOIN app_user u ON l.who = u.username SET l.who = u.id;

ALTER TABLE signature MODIFY who VARCHAR(40) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;

-- Sessions begun before this may carry a name as it was typed.
DELETE FROM SPRING_SESSION;
