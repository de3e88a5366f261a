-- What the shop says of money, and its habits where the trade disagrees; nothing said is null.
alter table setting add column tax_percent double precision;
alter table setting add column tax_on_labour boolean default false not null;
alter table setting add column energy_per_kwh double precision;
alter table setting add column fan_hours_per_year double precision;
alter table setting add column life_years double precision default 15 not null;
-- Names of habits, with commas between.
alter table setting add column habits varchar(1000) default '' not null;

-- An offer is of a way, or of one motor on it, and tells what is known.
alter table offer alter column part_price drop not null;
alter table offer alter column labour_hours drop not null;
alter table offer alter column lead_days drop not null;
alter table offer add column candidate varchar(100);
alter table offer add column warranty_months double precision;
alter table offer add column watts_per_thousand_cfm double precision;

alter table decision add column candidate varchar(100);
-- What was to be done while fitting and was ticked, a line each.
alter table decision add column done varchar(10000) default '' not null;
-- Case, ways, matches and prices as they stood, in the open format.
alter table decision add column stood_on text;

-- Motors that the shop can get; the newest row of a motor is in force.
create table shop_motor (
  id uuid primary key,
  seq bigint generated always as identity,
  motor_id uuid not null,
  name varchar(100) not null,
  body varchar(10000) not null,
  removed boolean not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

create index shop_motor_newest on shop_motor (motor_id, seq);

-- [jooq ignore start]
create trigger append_only before update or delete on shop_motor for each row execute function refuse_change();
-- [jooq ignore stop]
