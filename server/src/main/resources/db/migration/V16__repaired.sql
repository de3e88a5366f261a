-- How the repair of a call stands, as the list shows it; nothing while nothing was read of it.
alter table service_call add column repair_state varchar(20);
alter table service_call add column repair_sentence text;
