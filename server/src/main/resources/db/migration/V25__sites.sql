-- Sites, and the units at them: a call is to one of them, by what it is told of where it is. One
-- without a name stands for those of its site that nobody named.
create table site (
  id uuid primary key,
  name varchar(200) not null,
  -- The name in small letters, which may be more of them.
  key varchar(600) not null unique
);

create table unit (
  id uuid primary key,
  site uuid not null references site (id),
  name varchar(200) not null,
  key varchar(600) not null,
  unique (site, key)
);

alter table service_call add column unit uuid references unit (id);

-- [jooq ignore start]
insert into site (id, name, key)
  select gen_random_uuid(), max(place), lower(place) from service_call
  where not practice group by lower(place);
insert into unit (id, site, name, key)
  select gen_random_uuid(), site.id, max(unit_name), lower(unit_name)
  from service_call join site on site.key = lower(place) where not practice
  group by site.id, lower(unit_name);
update service_call set unit = unit.id from unit join site on site.id = unit.site
  where not practice and site.key = lower(place) and unit.key = lower(unit_name);
drop index service_call_of_unit;
create index service_call_of_unit on service_call (unit, changed_at desc) where not practice;
-- [jooq ignore stop]
