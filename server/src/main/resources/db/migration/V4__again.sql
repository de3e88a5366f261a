-- A second measurement of what was measured before corrects nothing: it confirms, or it disputes.
alter table reading add column again boolean default false not null;
