-- A machine of an ended call: what was found and read, in the open format; nothing of where or who.
alter table machine add column real_call text;
