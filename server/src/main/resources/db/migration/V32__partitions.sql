-- What grows without end lies in a partition for each year: an old year can be looked after, or laid
-- aside, by itself. What there is so far becomes the first partition as it lies, and is not copied.

-- [jooq ignore start]
-- Within partitions an id is held unique only together with the time: here it is by itself.
create table reading_id (id uuid primary key);
create table photo_id (id uuid primary key);
insert into reading_id select id from reading;
insert into photo_id select id from photo;

create trigger append_only before update or delete on reading_id for each row execute function refuse_change();
create trigger append_only before update or delete on photo_id for each row execute function refuse_change();

alter table retraction drop constraint retraction_reading_id_fkey;
alter table retraction add foreign key (reading_id) references reading_id (id);
alter table photo_removal drop constraint photo_removal_photo_id_fkey;
alter table photo_removal add foreign key (photo_id) references photo_id (id);
alter table photo_erasure drop constraint photo_erasure_photo_id_fkey;
alter table photo_erasure add foreign key (photo_id) references photo_id (id);

-- One that is there already is not added again, as by "on conflict do nothing".
create function once_reading() returns trigger language plpgsql security definer set search_path = public as $$
begin
  insert into reading_id values (new.id) on conflict do nothing;
  return case when found then new end;
end
$$;

create function once_photo() returns trigger language plpgsql security definer set search_path = public as $$
begin
  insert into photo_id values (new.id) on conflict do nothing;
  return case when found then new end;
end
$$;

revoke insert on reading_id, photo_id from rotor_app;

-- Makes the table a partitioned one of the same name, with what it held as the first partition.
create function pg_temp.partition(name text) returns void language plpgsql as $$
declare
  before text := name || '_before_2027';
  owned text := name || '_seq';
  one record;
begin
  execute format('alter table %I alter column seq drop identity', name);
  execute format('alter table %I drop constraint %I', name, name || '_pkey');
  for one in select tgname from pg_trigger where tgrelid = name::regclass and not tgisinternal loop
    execute format('drop trigger %I on %I', one.tgname, name);
  end loop;
  execute format('alter table %I rename to %I', name, before);
  execute format('create table %I (like %I including defaults including constraints) partition by range (at)',
    name, before);
  execute format('alter table %I add primary key (id, at)', name);
  execute format('alter table %I add foreign key (call_id) references service_call (id)', name);
  execute format('alter table %I add foreign key (author) references account (id)', name);
  execute format('create index on %I (call_id, seq)', name);
  execute format('create sequence %I owned by %I.seq', owned, name);
  execute format('select setval(%L, greatest(1, (select max(seq) from %I)), exists (select from %I))',
    owned, before, before);
  execute format('alter table %I alter column seq set default nextval(%L)', name, owned);
  execute format('grant usage on sequence %I to rotor_app', owned);
  execute format('alter table %I attach partition %I for values from (minvalue) to (%L)',
    name, before, '2027-01-01 00:00:00+00');
  execute format('create table %I partition of %I default', name || '_other', name);
end
$$;

select pg_temp.partition('reading');
select pg_temp.partition('photo');
create index on photo (author, at);

create trigger append_only before update or delete on reading for each row execute function refuse_change();
create trigger append_only before update or delete on photo for each row execute function refuse_photo_change();
create trigger once before insert on reading for each row execute function once_reading();
create trigger once before insert on photo for each row execute function once_photo();

-- Those of a table of the five years up to the given one that are not there yet; called as the application starts,
-- for years ahead. What belongs to none goes to the rest.
create function make_partitions(name text, last integer) returns void language plpgsql security definer
  -- Where it crosses somebody's work, it is this that gives way.
  set search_path = public set deadlock_timeout = '20ms' as $$
begin
  -- Of several processes one makes them.
  perform pg_advisory_xact_lock(2027);
  for year in greatest(2027, last - 4) .. last loop
    if to_regclass(name || '_' || year) is null then
      begin
        execute format('create table %I partition of %I for values from (%L) to (%L)',
          name || '_' || year, name, year || '-01-01 00:00:00+00', year + 1 || '-01-01 00:00:00+00');
      exception when check_violation then
        -- Under a clock that was wrong some went to the rest already, where they are found as well.
        null;
      end;
    end if;
  end loop;
end
$$;

revoke execute on function make_partitions(text, integer) from public;
grant execute on function make_partitions(text, integer) to rotor_app;
-- [jooq ignore stop]
