create table filing (
  id integer primary key,
  engagement integer not null references engagement (id),
  submission text not null unique,
  revision integer not null,
  digest text not null,
  sealed_by text not null,
  sealed_at text not null,
  xml blob not null,
  pdf blob not null,
  folder blob not null,
  state text not null check (state in ('sealed', 'sending', 'received', 'accepted', 'rejected', 'withdrawn')),
  changed_at text not null,
  confirmation text not null default '',
  trouble text not null default ''
) strict;

create index filing_of_engagement on filing (engagement, id);

create table filing_fault (
  filing integer not null references filing (id),
  place integer not null,
  code text not null,
  line text not null,
  message text not null,
  primary key (filing, place)
) strict, without rowid;

create trigger sealed_content_is_never_changed before update of submission, digest, xml, folder, sealed_by, sealed_at on filing
begin select raise(abort, 'a sealed filing is never changed'); end;
