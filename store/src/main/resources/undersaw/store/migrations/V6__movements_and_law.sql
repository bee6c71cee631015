-- Figures that each revision moved, so that a later reader can say why a figure is no longer what it was.
create table movement (
  engagement integer not null references engagement (id) on delete cascade,
  revision integer not null,
  place integer not null,
  line text not null,
  instance text not null,
  before text not null,
  after text not null,
  primary key (engagement, revision, place)
) strict, without rowid;

-- The figures of an engagement as they were last computed whole, with the figures of the law they rest on.
create table baseline (
  engagement integer primary key references engagement (id) on delete cascade,
  revision integer not null,
  figures text not null
) strict;

-- Tables of the law that the firm has put in place of those that ship.
create table law_table (
  year integer not null,
  name text not null,
  content text not null,
  loaded_by text not null,
  loaded_at text not null,
  primary key (year, name)
) strict;
