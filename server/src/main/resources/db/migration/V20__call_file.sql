-- Calls that came out of a file: which, by whom and when. Their rows say who made them elsewhere.
create table call_import (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  -- Of the file (SHA-256).
  digest varchar(64) not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index call_import_of_call on call_import (call_id, seq);

-- [jooq ignore start]
create trigger append_only before update or delete on call_import for each row execute function refuse_change();
-- [jooq ignore stop]
