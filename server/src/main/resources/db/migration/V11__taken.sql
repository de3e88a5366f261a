-- How a reading came about, as far as it was said: a short note, what the machine did meanwhile,
-- and the tap, stage, terminal or place that it was read on.
alter table reading add column note varchar(200);
alter table reading add column moment varchar(20);
alter table reading add column place varchar(40);
