create table audit (
  id integer primary key,
  engagement integer,
  revision integer not null,
  happened text not null,
  person text not null,
  what text not null,
  before text not null,
  after text not null,
  previous text not null,
  digest text not null unique
) strict;

create index audit_of_engagement on audit (engagement, id);

create trigger audit_is_never_changed before update on audit
begin select raise(abort, 'the audit trail is never changed'); end;

create trigger audit_is_never_shortened before delete on audit
begin select raise(abort, 'the audit trail is never shortened'); end;
