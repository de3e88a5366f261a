-- As it stands on the papers and labels that the shop leaves behind.
alter table setting add column name varchar(80);
alter table setting add column phone varchar(40);
