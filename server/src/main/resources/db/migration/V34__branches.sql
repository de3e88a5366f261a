-- One installation may hold many branches of a company. Whose rows a connection sees, it says itself
-- (rotor.branch); the database holds it to that by row-level security, which is switched on with the
-- second branch: before that there is nothing to hold apart, and nothing is slower for it.
create table branch (
  id uuid primary key,
  name varchar(80) not null unique,
  at timestamp with time zone not null
);

-- What all branches have in common, where the company wants it so.
create table shared (
  what varchar(20) primary key,
  at timestamp with time zone not null
);

-- [jooq ignore start]
revoke insert on branch, shared from rotor_app;
insert into branch values ('00000000-0000-4000-8000-000000000001', 'first', now());

-- The branch that the connection is of; null where it is of none.
create function current_branch() returns uuid language sql stable parallel safe as $$
  select case when current_setting('rotor.branch', true) ~ '^[0-9a-f]{8}-'
    then current_setting('rotor.branch', true)::uuid end
$$;

-- Whether it is of somebody who is about to sign in, and of no branch yet.
create function is_signing_in() returns boolean language sql stable parallel safe as $$
  select current_setting('rotor.branch', true) = 'sign-in'
$$;

create function is_shared(which text) returns boolean language sql stable parallel safe as $$
  select exists (select from shared where what = which)
$$;

do $$
declare
  name text;
  shared_as text;
  seen text;
begin
  foreach name in array array[
    'account', 'service_call', 'particulars', 'reading', 'retraction', 'offer', 'decision', 'photo',
    'photo_removal', 'photo_erasure', 'as_wired', 'fit', 'repair_proof', 'outcome', 'call_import',
    'customer_answer', 'way_part', 'purchase', 'purchase_event', 'loan', 'loan_return', 'machine', 'site', 'unit',
    'setting', 'learning', 'stock_part', 'stock_move', 'stock_count', 'stock_import', 'stock_import_undo',
    'code_book_edition', 'code_row', 'shop_motor', 'outcome_count', 'check_time'] loop
    execute format('alter table %I add column branch uuid not null default %L references branch (id)',
      name, '00000000-0000-4000-8000-000000000001');
    execute format('alter table %I alter column branch set default coalesce(current_branch(), %L)',
      name, '00000000-0000-4000-8000-000000000001');
    shared_as := case
      when name in ('code_book_edition', 'code_row') then 'BOOKS'
      when name = 'shop_motor' then 'MOTORS'
      when name in ('outcome_count', 'check_time') then 'LEARNT' end;
    seen := 'branch = (select current_branch())' || case
      when name = 'account' then ' or (select is_signing_in())'
      when shared_as is not null then format(' or (select is_shared(%L))', shared_as)
      else '' end;
    execute format('create policy of_branch on %I to rotor_app using (%s) with check (branch = (select current_branch())%s)',
      name, seen, case when name = 'account' then ' or (select is_signing_in())' else '' end);
  end loop;
  -- What is an account's is seen by whoever sees the account.
  foreach name in array array['passkey', 'known_device', 'invitation', 'account_event'] loop
    execute format('create policy of_branch on %I to rotor_app using (exists (select from account where account.id = account_id))', name);
  end loop;
end
$$;

create policy of_branch on photo_place to rotor_app using (exists (select from photo where photo.id = photo_id));

-- One place of a name, one count, one sum: in each branch.
alter table site drop constraint site_key_key;
alter table site add unique (branch, key);
alter table outcome_count drop constraint outcome_count_pkey;
alter table outcome_count add primary key (branch, family, symptom, found);
alter table check_time drop constraint check_time_pkey;
alter table check_time add primary key (branch, family, check_id);
create index service_call_listed_of_branch on service_call (branch, changed_at desc, id) where not practice;

-- A view is asked as whoever asks; a partition shows nobody anything by itself.
alter view audit set (security_invoker = true);
revoke all on reading_id, photo_id from rotor_app;

create or replace function make_partitions(name text, last integer) returns void language plpgsql security definer
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
        -- It is asked through the whole alone, which holds branches apart.
        execute format('alter table %I enable row level security', name || '_' || year);
      exception when check_violation then
        -- Under a clock that was wrong some went to the rest already, where they are found as well.
        null;
      end;
    end if;
  end loop;
end
$$;

do $$
declare
  one regclass;
begin
  for one in select inhrelid::regclass from pg_inherits where inhparent in ('reading'::regclass, 'photo'::regclass) loop
    execute format('alter table %s enable row level security', one);
  end loop;
end
$$;

-- Another branch; from the second on they are held apart.
create function add_branch(id uuid, name text) returns void language plpgsql as $$
declare
  held text;
begin
  insert into branch values (id, name, now());
  for held in select tablename from pg_policies join pg_class on oid = tablename::regclass
    where schemaname = 'public' and policyname = 'of_branch' and not relrowsecurity loop
    execute format('alter table %I enable row level security', held);
  end loop;
end
$$;
revoke execute on function add_branch(uuid, text) from public;
-- [jooq ignore stop]
