-- Photos whose pixels lie in a bucket outside of the database; the row of the photo itself stays.
create table photo_place (
  photo_id uuid primary key,
  -- SHA-256 of the pixels: what comes back is held against it.
  digest varchar(64) not null,
  at timestamp with time zone not null
);

-- [jooq ignore start]
alter table photo_place add foreign key (photo_id) references photo_id (id);
revoke insert on photo_place from rotor_app;
create index photo_here on photo (seq) where content <> ''::bytea;

-- A photo is changed in three ways only: its picture is emptied, once its erasure is told, or once it
-- is told that the very same lies in the bucket; and it comes back from there, and is the very same.
create or replace function refuse_photo_change() returns trigger language plpgsql as $$
declare
  there text;
begin
  if tg_op = 'UPDATE' and to_jsonb(new) - 'content' = to_jsonb(old) - 'content' then
    select digest into there from photo_place where photo_id = old.id;
    if new.content = ''::bytea and (exists (select from photo_erasure where photo_id = old.id)
        or there = encode(sha256(old.content), 'hex'))
      or old.content = ''::bytea and there = encode(sha256(new.content), 'hex') then
      return new;
    end if;
  end if;
  raise exception 'rows of % are never changed or removed', tg_table_name;
end
$$;

-- The pixels were put into the bucket, read back, and have this digest: here they are emptied.
create function photo_moved(which uuid, what text) returns boolean language plpgsql security definer set search_path = public as $$
begin
  insert into photo_place select id, what, now() from photo
    where id = which and content <> ''::bytea and encode(sha256(content), 'hex') = what
      and not exists (select from photo_erasure where photo_id = which)
    on conflict (photo_id) do update set digest = excluded.digest;
  if not found then
    return false;
  end if;
  update photo set content = '' where id = which;
  return true;
end
$$;

-- The pixels come back; what lies in the bucket is told of until it is gone there.
create function photo_returned(which uuid, pixels bytea) returns boolean language plpgsql security definer set search_path = public as $$
begin
  update photo set content = pixels where id = which and content = ''::bytea
    and not exists (select from photo_erasure where photo_id = which);
  return found;
end
$$;

-- Nothing of it lies in the bucket any more.
create function photo_dropped(which uuid) returns boolean language plpgsql security definer set search_path = public as $$
begin
  delete from photo_place where photo_id = which
    and (exists (select from photo_erasure where photo_id = which)
      or exists (select from photo where id = which and content <> ''::bytea));
  return found;
end
$$;

revoke execute on function photo_moved(uuid, text), photo_returned(uuid, bytea), photo_dropped(uuid) from public;
grant execute on function photo_moved(uuid, text), photo_returned(uuid, bytea), photo_dropped(uuid) to rotor_app;
-- [jooq ignore stop]
