drop table staged_account;
drop table staged_books;

alter table engagement add column source_file text not null default '';
alter table engagement add column source_ledger integer not null default 0;
alter table mapping add column partner text not null default '';
alter table entry_posting add column repeats text not null default 'once';

create table mapping_split (
  engagement integer not null references engagement (id) on delete cascade,
  account text not null,
  place integer not null,
  line text not null,
  treatment text not null,
  percent text,
  amount integer,
  primary key (engagement, account, place),
  check ((percent is null) <> (amount is null))
) strict, without rowid;

create table worksheet_row (
  engagement integer not null references engagement (id) on delete cascade,
  line text not null,
  instance text not null,
  place integer not null,
  description text not null,
  amount integer not null,
  dated text,
  note text not null,
  primary key (engagement, line, instance, place)
) strict, without rowid;

create table carried (
  engagement integer not null references engagement (id) on delete cascade,
  place text not null,
  value text not null,
  confirmed text not null,
  primary key (engagement, place)
) strict, without rowid;

-- a client's file that was read and waits for a person; its bytes lie in the vault under their digest
create table staged_file (
  engagement integer primary key references engagement (id) on delete cascade,
  file text not null,
  digest text not null,
  plan text not null,
  staged_by text not null
) strict;

create table column_plan (
  client integer not null references client (id) on delete cascade,
  headings text not null,
  plan text not null,
  primary key (client, headings)
) strict, without rowid;

-- the rows of one ledger lie together, so that one account's are found by a short walk and need no index of their own
create table ledger (
  id integer primary key,
  engagement integer not null references engagement (id) on delete cascade,
  file text not null,
  first_row integer not null,
  last_row integer not null
) strict;

create table ledger_transaction (
  id integer primary key,
  account text not null,
  dated text,
  reference text not null,
  memo text not null,
  amount integer not null
) strict;

create table note (
  id integer primary key,
  engagement integer not null references engagement (id) on delete cascade,
  place text not null,
  words text not null,
  written_by text not null,
  settled_by text not null default ''
) strict;

create index note_of_engagement on note (engagement, place);

create table attachment (
  id integer primary key,
  engagement integer not null references engagement (id) on delete cascade,
  place text not null,
  file text not null,
  type text not null,
  size integer not null,
  digest text not null,
  attached_by text not null
) strict;

create index attachment_of_engagement on attachment (engagement, place);

create table preference (
  login text not null,
  name text not null,
  value text not null,
  primary key (login, name)
) strict, without rowid;
