create table staged_books (
  engagement integer primary key references engagement (id) on delete cascade,
  file text not null,
  notes text not null,
  staged_by text not null
) strict;

create table staged_account (
  engagement integer not null references staged_books (engagement) on delete cascade,
  number text not null,
  name text not null,
  statement text not null check (statement in ('BALANCE_SHEET', 'INCOME_STATEMENT')),
  opening integer not null,
  closing integer not null,
  primary key (engagement, number)
) strict, without rowid;
