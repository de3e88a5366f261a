-- A practised call is kept like any other, and left out of the shop's list.
alter table service_call add column practice boolean default false not null;

create table photo (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  kind varchar(20) not null,
  media_type varchar(20) not null,
  width integer not null,
  height integer not null,
  -- Made anew from the picture alone: nothing of where, when or by what it was taken is left.
  content bytea not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index photo_of_call on photo (call_id, seq);

create table photo_removal (
  id uuid primary key,
  photo_id uuid not null unique references photo (id),
  author uuid not null references account (id),
  at timestamp with time zone not null
);

-- A code book is its newest edition; earlier ones stay.
create table code_book_edition (
  id uuid primary key,
  seq bigint generated always as identity,
  book_id uuid not null,
  name varchar(80) not null,
  content varchar(2000000) not null,
  codes integer not null,
  removed boolean not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index code_book_newest on code_book_edition (book_id, seq desc);

-- A simulated motor with a hidden fault, for practice and for the simulated meter.
create table machine (
  id uuid primary key,
  family varchar(40) not null,
  symptom varchar(40) not null,
  faults varchar(200) not null,
  severity double precision not null,
  seed bigint not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

-- [jooq ignore start]
-- The list in its own order, practised calls left out.
create index service_call_listed on service_call (changed_at desc, id) where not practice;

create trigger append_only before update or delete on photo for each row execute function refuse_change();
create trigger append_only before update or delete on photo_removal for each row execute function refuse_change();
create trigger append_only before update or delete on code_book_edition for each row execute function refuse_change();
create trigger append_only before update or delete on machine for each row execute function refuse_change();
-- [jooq ignore stop]
