-- What a call turned out to be: whether it was what had been said. Of each call the last is in force.
create table outcome (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  was varchar(20) not null,
  -- Names of suspects, with commas between: what had been said then, and what it was.
  said varchar(200) not null,
  found varchar(200) not null,
  note varchar(1000) not null,
  -- Of the call as it was told then: under these it is counted.
  family varchar(40) not null,
  symptom varchar(40) not null,
  wording smallint default 1 not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index outcome_of_call on outcome (call_id, seq);

-- How many of the shop's own ended calls were what, counted by the saves.
create table outcome_count (
  family varchar(40) not null,
  symptom varchar(40) not null,
  found varchar(200) not null,
  calls integer not null,
  primary key (family, symptom, found)
);

-- Whether these counts move the judged weights, and what those are worth; the last row is in force.
create table learning (
  id uuid primary key,
  seq bigint generated always as identity,
  own boolean not null,
  strength double precision not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

-- [jooq ignore start]
create trigger append_only before update or delete on outcome for each row execute function refuse_change();
create trigger append_only before update or delete on learning for each row execute function refuse_change();

grant update, delete on outcome_count to rotor_app;
-- [jooq ignore stop]
