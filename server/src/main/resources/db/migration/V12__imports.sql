-- A list of parts that was brought in as a whole, and that it was taken back.
create table stock_import (
  id uuid primary key,
  seq bigint generated always as identity,
  digest varchar(64) not null,
  parts integer not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create table stock_import_undo (
  id uuid primary key,
  seq bigint generated always as identity,
  import_id uuid not null references stock_import (id),
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create unique index stock_import_undo_once on stock_import_undo (import_id);

-- What came with which list; null for what was typed.
alter table stock_part add column import_id uuid;
alter table stock_move add column import_id uuid;

create index stock_part_of_import on stock_part (import_id);
create index stock_move_of_import on stock_move (import_id);

-- [jooq ignore start]
create trigger append_only before update or delete on stock_import for each row execute function refuse_change();
create trigger append_only before update or delete on stock_import_undo for each row execute function refuse_change();
-- [jooq ignore stop]
