CREATE TABLE house_way (
    way_id VARCHAR(40) NOT NULL PRIMARY KEY,
    option_id VARCHAR(40) NOT NULL,
    who VARCHAR(40) NOT NULL,
    chosen_at DATETIME(6) NOT NULL
);
