-- Accounts are closed and opened again, never erased. The edition grows with every change of role,
-- password or standing: a session of an earlier one has ended.
alter table account add column closed boolean default false not null;
alter table account add column edition integer default 1 not null;

-- Wrong tries by name and address together; a right one forgets them.
drop table login_attempt;
create table sign_in_guard (
  login varchar(60) not null,
  address varchar(60) not null,
  failures integer not null,
  wait_until timestamp with time zone not null,
  last_at timestamp with time zone not null,
  primary key (login, address)
);
