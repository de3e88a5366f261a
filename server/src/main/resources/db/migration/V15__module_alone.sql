-- Age of a motor from which on a shop replaces module and motor together; as usual until it says otherwise.
alter table setting add column module_alone_years double precision default 8 not null;
