-- what was sealed is never changed: the accepted copy stands beside it, printed from the pages that were sealed
alter table filing add column pages text not null default '';
alter table filing add column accepted_pdf blob;

drop trigger sealed_content_is_never_changed;
create trigger sealed_content_is_never_changed
before update of submission, digest, xml, pdf, pages, folder, sealed_by, sealed_at on filing
begin select raise(abort, 'a sealed filing is never changed'); end;

-- answers that were not believed, kept as they came
create table filing_answer (
  id integer primary key,
  filing integer not null references filing (id),
  came_at text not null,
  why text not null,
  body blob not null
) strict;

create index filing_answer_of_filing on filing_answer (filing, id);
