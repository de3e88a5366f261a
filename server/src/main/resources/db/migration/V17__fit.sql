-- What was done of a job, each state whole in the open format; the newest of a call is in force.
create table fit (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  body text not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index fit_newest on fit (call_id, seq);

-- [jooq ignore start]
create trigger append_only before update or delete on fit for each row execute function refuse_change();
-- [jooq ignore stop]

-- Where a call stands, as the list shows it: its place, how in a sentence, the day on which
-- something of it is due, and who worked on it last. Nothing for calls that nobody touched since.
alter table service_call add column stand varchar(20);
alter table service_call add column stand_sentence text;
alter table service_call add column due date;
alter table service_call add column changed_by uuid references account (id);

create index service_call_due on service_call (due, id);
