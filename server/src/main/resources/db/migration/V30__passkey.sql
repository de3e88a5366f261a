-- Passkeys: keys of people's own devices, by which one signs in without a password (W3C Web
-- Authentication). Binary values stand in base64url. Ended ones are gone.
create table passkey (
  id uuid primary key,
  account_id uuid not null references account (id),
  credential varchar(1400) not null unique,
  public_key varchar(8000) not null,
  uses bigint not null,
  transports varchar(200) not null,
  backup_eligible boolean not null,
  backed_up boolean not null,
  attestation text not null,
  client_data text not null,
  name varchar(60) not null,
  -- The name of the address that it was made at, and is of use at.
  host varchar(255) not null,
  made_at timestamp with time zone not null,
  used_at timestamp with time zone
);
create index passkey_of_account on passkey (account_id);

-- What a device is asked to sign; holds once and for minutes.
create table passkey_challenge (
  challenge varchar(64) primary key,
  -- Who makes a passkey; null where somebody signs in.
  account_id uuid references account (id),
  address varchar(80) not null,
  made_at timestamp with time zone not null
);
create index passkey_challenge_of_address on passkey_challenge (address, made_at);

-- Whether a password alone signs in.
alter table account add column password_enough boolean default true not null;

-- Links by which somebody comes in once, by the hash of what they hold.
create table invitation (
  token_hash varchar(64) primary key,
  account_id uuid not null references account (id),
  made_by uuid not null references account (id),
  made_at timestamp with time zone not null,
  used_at timestamp with time zone
);
create index invitation_of_account on invitation (account_id);

-- [jooq ignore start]
grant update, delete on passkey, passkey_challenge, invitation to rotor_app;
-- [jooq ignore stop]
