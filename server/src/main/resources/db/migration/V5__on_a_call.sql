-- A practised motor may be met as on a call, and have something wrong that nobody listed.
alter table machine add column oddity varchar(40);
alter table machine add column on_a_call boolean default false not null;
