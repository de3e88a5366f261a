-- Devices on which an account signed in before, by the hash of what they say: whoever guesses
-- elsewhere slows nobody down on his own. A record of nothing; an account's are forgotten with its
-- password.
create table known_device (
  token_hash varchar(64) not null,
  account_id uuid not null references account (id),
  first_at timestamp with time zone not null,
  last_at timestamp with time zone not null,
  primary key (token_hash, account_id)
);
create index known_device_of_account on known_device (account_id, last_at);
-- [jooq ignore start]
grant update, delete on known_device to rotor_app;
-- [jooq ignore stop]
-- What tries are counted under grew: a name wherever it is tried, an address whatever is tried there,
-- a name on a known device.
alter table sign_in_guard alter column address type varchar(80);
