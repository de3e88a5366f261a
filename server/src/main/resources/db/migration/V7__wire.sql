-- Conversions as they were made, each whole in the open format; the newest of a call is in force.
create table as_wired (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  body text not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index as_wired_newest on as_wired (call_id, seq);

-- [jooq ignore start]
create trigger append_only before update or delete on as_wired for each row execute function refuse_change();
-- [jooq ignore stop]
