-- What checks really took on the shop's own ended calls, added up when a call ends.
create table check_time (
  family varchar(40) not null,
  check_id varchar(60) not null,
  times integer not null,
  -- Without the changes of the unit's state [min].
  minutes double precision not null,
  primary key (family, check_id)
);

-- [jooq ignore start]
grant update on check_time to rotor_app;
-- [jooq ignore stop]
