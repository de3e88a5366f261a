-- In which wording a row was written: what is renamed later is read by steps from there to today's.
alter table reading add column wording smallint not null default 1;
alter table particulars add column wording smallint not null default 1;
alter table offer add column wording smallint not null default 1;
alter table decision add column wording smallint not null default 1;
alter table customer_answer add column wording smallint not null default 1;
alter table as_wired add column wording smallint not null default 1;
alter table fit add column wording smallint not null default 1;
alter table repair_proof add column wording smallint not null default 1;
alter table stock_part add column wording smallint not null default 1;
alter table shop_motor add column wording smallint not null default 1;
