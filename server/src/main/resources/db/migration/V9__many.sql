-- Whom a lead lets keep the code books; leads do in any case. Who could so far still can.
alter table account add column keeps_books boolean default true not null;
alter table account alter column keeps_books set default false;
-- A session holds what its account may do: everybody signs in anew.
update account set edition = edition + 1;

-- The codes of every book in force, made anew from each new edition: what a search looks through.
create table code_row (
  id bigint generated always as identity primary key,
  book_id uuid not null,
  n integer not null,
  edition_id uuid not null references code_book_edition (id),
  book_name varchar(80) not null,
  line varchar(80) not null,
  signal varchar(20) not null,
  pattern varchar(200) not null,
  meaning varchar(300) not null,
  suspects text not null,
  -- Book, line, pattern and meaning in small letters.
  words text not null,
  unique (book_id, n)
);

create index code_row_in_order on code_row (book_name, book_id, n);

-- Which fields a telling changed, from what to what, as JSON; the body is what came of it.
alter table particulars add column changes text;

create index photo_of_author on photo (author, at);
create index code_book_edition_of_author on code_book_edition (author, at);

-- [jooq ignore start]
-- Every single letter of a text and every two side by side: what an index of three cannot find.
create function short_grams(given text) returns text[] language sql immutable strict parallel safe as $$
  select array(select distinct substr(given, at, size)
               from generate_series(1, length(given)) at, generate_series(1, 2) size)
$$;

alter table service_call add column grams text[]
  generated always as (short_grams(lower(place || ' ' || unit_name))) stored;
alter table code_row add column grams text[] generated always as (short_grams(words)) stored;

create index service_call_short_words on service_call using gin (grams);
create index code_row_pattern on code_row (lower(pattern));
create index code_row_words on code_row using gin (words gin_trgm_ops);
create index code_row_short_words on code_row using gin (grams);

-- Whoever has a call open is told that it changed, through whichever process.
create function tell_call_changed() returns trigger language plpgsql as $$
begin
  perform pg_notify('call_changed',
    new.id || ' ' || (extract(epoch from new.changed_at) * 1000)::bigint);
  return null;
end
$$;

create trigger tell_changed after insert or update on service_call
  for each row execute function tell_call_changed();

-- The running application owns nothing: it reads, it adds, and it changes what is no record.
grant usage on schema public to rotor_app;
grant select, insert on all tables in schema public to rotor_app;
revoke insert on flyway_schema_history from rotor_app;
alter default privileges in schema public grant select, insert on tables to rotor_app;
grant update on account, service_call to rotor_app;
grant update, delete on sign_in_guard, spring_session, spring_session_attributes to rotor_app;
grant delete on code_row to rotor_app;
-- [jooq ignore stop]
