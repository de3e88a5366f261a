-- What happened to accounts: who came in and by what, and who changed what about whom.
create table account_event (
  id uuid primary key,
  seq bigint generated always as identity,
  kind varchar(30) not null,
  account_id uuid not null references account (id),
  -- Null where the machine's keeper did it, by the command line.
  author uuid references account (id),
  detail varchar(300) not null,
  at timestamp with time zone not null
);
create index account_event_newest on account_event (at desc);

-- [jooq ignore start]
create trigger append_only before update or delete on account_event for each row execute function refuse_change();

-- Who did what that others answer for. It is read from the logs themselves, so that nothing is on it that was
-- not done, and nothing missing that was. What a row tells: of whom or what, and how it stood after.
create view audit as
select event.id, event.at, event.author, event.kind::text as kind, account.name::text as subject, event.detail::text as told,
  null::uuid as call_id
from account_event event join account on account.id = event.account_id
union all
select id, at, author, 'SETTINGS', null, concat_ws('; ',
    case when labour_per_hour is distinct from lag(labour_per_hour) over before then concat('labour an hour ', labour_per_hour) end,
    case when balance_limit_percent is distinct from lag(balance_limit_percent) over before then concat('winding pairs may differ by ', balance_limit_percent, ' %') end,
    case when currency is distinct from lag(currency) over before then concat('currency ', currency) end,
    case when time_zone is distinct from lag(time_zone) over before then concat('time zone ', time_zone) end,
    case when tax_percent is distinct from lag(tax_percent) over before then concat('tax ', coalesce(tax_percent::text || ' %', 'not known')) end,
    case when tax_on_labour is distinct from lag(tax_on_labour) over before then case when tax_on_labour then 'labour is taxed' else 'labour is not taxed' end end,
    case when energy_per_kwh is distinct from lag(energy_per_kwh) over before then concat('energy a kWh ', coalesce(energy_per_kwh::text, 'not known')) end,
    case when fan_hours_per_year is distinct from lag(fan_hours_per_year) over before then concat('a fan runs ', coalesce(fan_hours_per_year::text || ' h a year', 'not known')) end,
    case when life_years is distinct from lag(life_years) over before then concat('a unit lasts ', life_years, ' years') end,
    case when module_alone_years is distinct from lag(module_alone_years) over before then concat('a module alone under ', module_alone_years, ' years') end,
    case when habits is distinct from lag(habits) over before then 'habits' end,
    case when name is distinct from lag(name) over before then concat('name ', coalesce(name, 'none')) end,
    case when phone is distinct from lag(phone) over before then concat('telephone ', coalesce(phone, 'none')) end), null
from setting window before as (order by seq)
union all
select id, at, author,
  case
    when removed then 'PART_REMOVED'
    when lag(id) over before is null then 'PART_NEW'
    when body::jsonb ->> 'price' is distinct from lag(body::jsonb ->> 'price') over before then 'PRICE'
    else 'PART'
  end,
  concat_ws(', ', body::jsonb ->> 'number', body::jsonb ->> 'name'),
  case
    when removed then ''
    when lag(id) over before is null then coalesce('price ' || (body::jsonb ->> 'price'), '')
    when body::jsonb ->> 'price' is distinct from lag(body::jsonb ->> 'price') over before then
      concat(coalesce(lag(body::jsonb ->> 'price') over before, 'none'), ' → ', coalesce(body::jsonb ->> 'price', 'none'))
    else ''
  end, null
from stock_part window before as (partition by part_id order by seq)
union all
select move.id, move.at, move.author, 'COUNT',
  concat_ws(', ', (select part.body::jsonb ->> 'number' from stock_part part where part.part_id = move.part_id order by part.seq desc limit 1),
    lower(move.place), nullif(move.place_name, '')),
  concat(move.asked - move.change, ' → ', move.asked), null
from stock_move move where move.reason = 'COUNTED' and move.import_id is null
union all
select id, at, author, 'IMPORT', null, concat(parts, ' rows'), null from stock_import
union all
select undo.id, undo.at, undo.author, 'IMPORT_UNDONE', null, concat(import.parts, ' rows'), null
from stock_import_undo undo join stock_import import on import.id = undo.import_id
union all
select id, at, author, case when removed then 'BOOK_REMOVED' else 'BOOK' end, name, concat(codes, ' codes'), null from code_book_edition
union all
select offer.id, offer.at, offer.author, 'OFFER', concat_ws(', ', call.place, nullif(call.unit_name, '')),
  concat_ws(', ', lower(replace(offer.route, '_', ' ')), offer.part_price::text), offer.call_id
from offer join service_call call on call.id = offer.call_id
union all
select outcome.id, outcome.at, outcome.author, 'OUTCOME', concat_ws(', ', call.place, nullif(call.unit_name, '')),
  lower(replace(outcome.was, '_', ' ')), outcome.call_id
from outcome join service_call call on call.id = outcome.call_id
union all
select erasure.id, erasure.at, erasure.author, 'PHOTO_ERASED', concat_ws(', ', call.place, nullif(call.unit_name, '')), erasure.reason, call.id
from photo_erasure erasure join photo on photo.id = erasure.photo_id join service_call call on call.id = photo.call_id
union all
select id, at, author, 'LEARNING', null, case when own then concat('own calls count, ', strength) else 'own calls do not count' end, null from learning;
-- [jooq ignore stop]
