create table account (
  id uuid primary key,
  login varchar(60) not null unique,
  name varchar(120) not null,
  role varchar(20) not null,
  password varchar(100) not null,
  created_at timestamp with time zone not null
);

create table login_attempt (
  id bigint generated always as identity primary key,
  login varchar(60) not null,
  address varchar(60) not null,
  failed boolean not null,
  at timestamp with time zone not null
);

create index login_attempt_recent on login_attempt (at);

create table setting (
  id uuid primary key,
  seq bigint generated always as identity,
  labour_per_hour double precision not null,
  balance_limit_percent double precision not null,
  currency varchar(3) not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create table service_call (
  id uuid primary key,
  opened_by uuid not null references account (id),
  opened_at timestamp with time zone not null,
  changed_at timestamp with time zone not null,
  place varchar(200) not null,
  unit_name varchar(200) not null,
  family varchar(40) not null,
  symptom varchar(40) not null,
  -- What the list shows of the verdict; worked out again with every reading.
  verdict_state varchar(20) not null,
  verdict_suspects varchar(200) not null,
  verdict_sentence varchar(500) not null,
  engine varchar(20) not null,
  readings integer not null,
  chosen_route varchar(40)
);

create index service_call_recent on service_call (changed_at desc);

create table particulars (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  body varchar(20000) not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index particulars_of_call on particulars (call_id, seq);

create table reading (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  fact varchar(60) not null,
  value varchar(2000) not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index reading_of_call on reading (call_id, seq);

create table retraction (
  id uuid primary key,
  reading_id uuid not null unique references reading (id),
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create table offer (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  route varchar(40) not null,
  part_price double precision not null,
  labour_hours double precision not null,
  lead_days double precision not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index offer_of_call on offer (call_id, seq);

create table decision (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  route varchar(40) not null,
  first_cost double precision,
  currency varchar(3) not null,
  -- The diagnosis as it stood, in the open format, and the engine that made it.
  diagnosis varchar(100000) not null,
  engine varchar(20) not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index decision_of_call on decision (call_id, seq);

-- [jooq ignore start]
create extension if not exists pg_trgm;
create index service_call_words on service_call using gin ((lower(place || ' ' || unit_name)) gin_trgm_ops);

-- What was recorded is never changed or taken away.
create function refuse_change() returns trigger language plpgsql as $$
begin
  raise exception 'rows of % are never changed or removed', tg_table_name;
end
$$;

create trigger append_only before update or delete on setting for each row execute function refuse_change();
create trigger append_only before update or delete on particulars for each row execute function refuse_change();
create trigger append_only before update or delete on reading for each row execute function refuse_change();
create trigger append_only before update or delete on retraction for each row execute function refuse_change();
create trigger append_only before update or delete on offer for each row execute function refuse_change();
create trigger append_only before update or delete on decision for each row execute function refuse_change();

create table spring_session (
  primary_id char(36) not null primary key,
  session_id char(36) not null unique,
  creation_time bigint not null,
  last_access_time bigint not null,
  max_inactive_interval int not null,
  expiry_time bigint not null,
  principal_name varchar(100)
);
create index spring_session_expiry on spring_session (expiry_time);
create index spring_session_principal on spring_session (principal_name);

create table spring_session_attributes (
  session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
  attribute_name varchar(200) not null,
  attribute_bytes bytea not null,
  primary key (session_primary_id, attribute_name)
);
-- [jooq ignore stop]
