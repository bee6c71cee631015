create table person (
  id integer primary key,
  login text not null unique,
  name text not null,
  role text not null check (role in ('preparer', 'reviewer', 'administrator')),
  password text not null,
  active integer not null default 1 check (active in (0, 1))
) strict;

create table client (
  id integer primary key,
  name text not null,
  number text not null unique,
  line1 text not null, line2 text not null, city text not null, region text not null,
  postal_code text not null, country text not null,
  formed text, formed_in text not null,
  activity_code text not null, activity text not null, product text not null,
  contact_name text not null, contact_title text not null, contact_phone text not null, contact_email text not null
) strict;

create table engagement (
  id integer primary key,
  client integer not null references client (id),
  form text not null,
  start text not null,
  until text not null,
  method text,
  flags text not null,
  revision integer not null default 1,
  unique (client, form, start, until)
) strict;

create table account (
  engagement integer not null references engagement (id) on delete cascade,
  number text not null,
  name text not null,
  statement text not null check (statement in ('BALANCE_SHEET', 'INCOME_STATEMENT')),
  opening integer not null,
  closing integer not null,
  primary key (engagement, number)
) strict, without rowid;

create table mapping (
  engagement integer not null references engagement (id) on delete cascade,
  account text not null,
  line text not null,
  treatment text not null,
  confirmed integer not null check (confirmed in (0, 1)),
  reason text not null,
  primary key (engagement, account)
) strict, without rowid;

create table fact (
  engagement integer not null references engagement (id) on delete cascade,
  line text not null,
  instance text not null,
  value text not null,
  reason text not null,
  typed_by text not null,
  primary key (engagement, line, instance)
) strict, without rowid;

create table payment (
  engagement integer not null references engagement (id) on delete cascade,
  place integer not null,
  paid text not null,
  kind text not null,
  amount integer not null,
  primary key (engagement, place)
) strict, without rowid;

create table carryover (
  engagement integer not null references engagement (id) on delete cascade,
  place integer not null,
  kind text not null,
  year integer not null,
  amount integer not null,
  primary key (engagement, place)
) strict, without rowid;

create table entry_posting (
  engagement integer not null references engagement (id) on delete cascade,
  place integer not null,
  entry text not null,
  kind text not null,
  dated text not null,
  memo text not null,
  account text not null,
  amount integer not null,
  primary key (engagement, place)
) strict, without rowid;

create table set_aside (
  engagement integer not null references engagement (id) on delete cascade,
  diagnostic text not null,
  reason text not null,
  answered_by text not null,
  saying text not null,
  primary key (engagement, diagnostic)
) strict, without rowid;
