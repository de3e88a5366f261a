-- What a call is found by, in small letters: where, what, why, which motor and part. Of calls of
-- before, what is known of them here; the rest comes with their next change.
alter table service_call add column words text default '' not null;

-- [jooq ignore start]
update service_call set words = lower(concat_ws(' ', place, unit_name, verdict_sentence, stand_sentence));

drop index service_call_words;
create index service_call_words on service_call using gin (words gin_trgm_ops);

alter table service_call drop column grams;
alter table service_call add column grams text[] generated always as (short_grams(words)) stored;
create index service_call_short_words on service_call using gin (grams);
-- [jooq ignore stop]
