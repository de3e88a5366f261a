-- A reading is of the machine as it was found, or as it was left.
alter table reading add column phase varchar(10) default 'BEFORE' not null;

-- SHA-256 of the file as it was sent, by which a photo that is sent again is known; photos kept
-- before have none.
alter table photo add column sent_digest varchar(64);

-- Times are told in the shop's own zone, a name of the IANA time zone database.
alter table setting add column time_zone varchar(60) default 'UTC' not null;
