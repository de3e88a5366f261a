-- What a repair showed, each state whole in the open format; the newest of a call is in force.
create table repair_proof (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  body text not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index repair_proof_newest on repair_proof (call_id, seq);

-- [jooq ignore start]
create trigger append_only before update or delete on repair_proof for each row execute function refuse_change();
-- [jooq ignore stop]
