-- A name written by hand on a screen, as the path of an SVG, and what stood above it then, a line each.
alter table customer_answer
  add column signature varchar(20000),
  add column signed_under varchar(13000),
  add constraint signed_whole check ((signature is null) = (signed_under is null));
