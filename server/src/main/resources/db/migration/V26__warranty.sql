-- The day until which a call's unit is under warranty, as it was told last: looked for over all of them.
alter table service_call add column warranty_until date;

-- [jooq ignore start]
update service_call set warranty_until = told.until::date
  from (
    select distinct on (call_id) call_id, body::jsonb -> 'unit' ->> 'warrantyUntil' as until
    from particulars order by call_id, seq desc
  ) told
  where told.call_id = service_call.id and told.until ~ '^\d{4}-\d\d-\d\d$';
create index service_call_warranty on service_call (warranty_until) where warranty_until is not null;
-- [jooq ignore stop]
