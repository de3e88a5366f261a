-- What must not be kept, such as a face: of a photo that was taken away a lead erases the picture, and
-- that it was there, who took it, who erased it and why stays.
create table photo_erasure (
  id uuid primary key,
  photo_id uuid not null unique references photo (id),
  reason varchar(200) not null,
  author uuid not null references account (id),
  at timestamp with time zone not null
);

-- [jooq ignore start]
create trigger append_only before update or delete on photo_erasure for each row execute function refuse_change();

-- A photo is changed in one way only: its picture is emptied, once its erasure is told.
create function refuse_photo_change() returns trigger language plpgsql as $$
begin
  if tg_op = 'UPDATE' and new.content = ''::bytea
    and to_jsonb(new) - 'content' = to_jsonb(old) - 'content'
    and exists (select from photo_erasure where photo_id = old.id) then
    return new;
  end if;
  raise exception 'rows of % are never changed or removed', tg_table_name;
end
$$;

drop trigger append_only on photo;
create trigger append_only before update or delete on photo for each row execute function refuse_photo_change();

-- The application may tell of it; emptying is the schema's own.
create function erase_photo() returns trigger language plpgsql security definer set search_path = public as $$
begin
  if not exists (select from photo_removal where photo_id = new.photo_id) then
    raise exception 'a photo is erased only where it was taken away';
  end if;
  update photo set content = '' where id = new.photo_id;
  return null;
end
$$;

create trigger erase after insert on photo_erasure for each row execute function erase_photo();
-- [jooq ignore stop]
