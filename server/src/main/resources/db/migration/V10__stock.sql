-- Parts that the shop keeps; the newest row of a part is in force.
create table stock_part (
  id uuid primary key,
  seq bigint generated always as identity,
  part_id uuid not null,
  number_key varchar(60) not null,
  body varchar(4000) not null,
  removed boolean not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index stock_part_newest on stock_part (part_id, seq);

-- Every change of a count: what was counted, received, taken for a call, put back, lent, moved.
create table stock_move (
  id uuid primary key,
  seq bigint generated always as identity,
  part_id uuid not null,
  reason varchar(20) not null,
  place varchar(20) not null,
  place_name varchar(60) not null,
  -- What was said: the count, or how many came or went; and what it changed.
  asked integer not null,
  change integer not null,
  call_id uuid references service_call (id),
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index stock_move_of_part on stock_move (part_id, seq);
create index stock_move_of_call on stock_move (call_id, seq);

-- What the moves come to. The last one cannot be taken twice: a count is never below none.
create table stock_count (
  part_id uuid not null,
  place varchar(20) not null,
  place_name varchar(60) not null,
  count integer not null check (count >= 0),
  primary key (part_id, place, place_name)
);

-- Which part was found for a way of a call; null where that was taken back.
create table way_part (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  route varchar(40) not null,
  kind varchar(20) not null,
  number varchar(60),
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index way_part_of_call on way_part (call_id, seq);

-- What the supply house said last of each of its parts, as it said it.
create table supply_answer (
  number_key varchar(60) primary key,
  body varchar(4000) not null,
  at timestamp with time zone not null
);

-- Parts ordered for a call, and what became of each.
create table purchase (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  kind varchar(20) not null,
  number varchar(60) not null,
  name varchar(120) not null,
  count integer not null,
  price double precision,
  currency varchar(3) not null,
  due date,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index purchase_of_call on purchase (call_id, seq);

create table purchase_event (
  id uuid primary key,
  seq bigint generated always as identity,
  purchase_id uuid not null references purchase (id),
  what varchar(20) not null,
  due date,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index purchase_event_of_purchase on purchase_event (purchase_id, seq);

-- Motors that were lent, and those that came back.
create table loan (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  part_id uuid not null,
  due date,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index loan_of_call on loan (call_id, seq);

create table loan_return (
  id uuid primary key,
  seq bigint generated always as identity,
  loan_id uuid not null references loan (id),
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create unique index loan_return_once on loan_return (loan_id);

-- What the customer said to the ways; no way where they think it over.
create table customer_answer (
  id uuid primary key,
  seq bigint generated always as identity,
  call_id uuid not null references service_call (id),
  route varchar(40),
  said_by varchar(100) not null,
  said_on date not null,
  note varchar(1000) not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index customer_answer_of_call on customer_answer (call_id, seq);

-- [jooq ignore start]
create trigger append_only before update or delete on stock_part for each row execute function refuse_change();
create trigger append_only before update or delete on stock_move for each row execute function refuse_change();
create trigger append_only before update or delete on way_part for each row execute function refuse_change();
create trigger append_only before update or delete on purchase for each row execute function refuse_change();
create trigger append_only before update or delete on purchase_event for each row execute function refuse_change();
create trigger append_only before update or delete on loan for each row execute function refuse_change();
create trigger append_only before update or delete on loan_return for each row execute function refuse_change();
create trigger append_only before update or delete on customer_answer for each row execute function refuse_change();

grant update on stock_count to rotor_app;
grant update, delete on supply_answer to rotor_app;
-- [jooq ignore stop]
