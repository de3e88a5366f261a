-- A unit's calls together, its newest first: what the van is planned from, and how often it failed.
-- [jooq ignore start]
create index service_call_of_unit on service_call ((lower(place || ' ' || unit_name)), changed_at desc) where not practice;
-- [jooq ignore stop]
