-- The owner, property or other member that an account, or a part of it, belongs to.
alter table mapping add column instance text not null default '';
alter table mapping_split add column instance text not null default '';

drop trigger mapping_comes;
drop trigger mapping_goes;
drop trigger mapping_changes;

-- mapping

create trigger mapping_comes after insert on mapping when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'mapping', new.engagement || '|' || new.account,
    null,
    json_object('engagement', new.engagement, 'account', new.account, 'line', new.line, 'treatment', new.treatment,
      'confirmed', new.confirmed, 'reason', new.reason, 'partner', new.partner,
      'confidence', new.confidence, 'instance', new.instance)
  from revision_in_hand;
end;

create trigger mapping_goes after delete on mapping when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'mapping', old.engagement || '|' || old.account,
    json_object('engagement', old.engagement, 'account', old.account, 'line', old.line, 'treatment', old.treatment,
      'confirmed', old.confirmed, 'reason', old.reason, 'partner', old.partner,
      'confidence', old.confidence, 'instance', old.instance),
    null
  from revision_in_hand;
end;

create trigger mapping_changes after update on mapping when
  (old.line is not new.line or old.treatment is not new.treatment or old.confirmed is not new.confirmed or
  old.reason is not new.reason or old.partner is not new.partner or old.confidence is not new.confidence or
  old.instance is not new.instance)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'mapping', new.engagement || '|' || new.account,
    json_object('engagement', old.engagement, 'account', old.account, 'line', old.line, 'treatment', old.treatment,
      'confirmed', old.confirmed, 'reason', old.reason, 'partner', old.partner,
      'confidence', old.confidence, 'instance', old.instance),
    json_object('engagement', new.engagement, 'account', new.account, 'line', new.line, 'treatment', new.treatment,
      'confirmed', new.confirmed, 'reason', new.reason, 'partner', new.partner,
      'confidence', new.confidence, 'instance', new.instance)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'mapping', each.engagement || '|' || each.account, null,
    json_object('engagement', each.engagement, 'account', each.account, 'line', each.line,
      'treatment', each.treatment, 'confirmed', each.confirmed, 'reason', each.reason,
      'partner', each.partner, 'confidence', each.confidence, 'instance', each.instance)
from mapping each;

drop trigger mapping_split_comes;
drop trigger mapping_split_goes;
drop trigger mapping_split_changes;

-- mapping_split

create trigger mapping_split_comes after insert on mapping_split when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'mapping_split', new.engagement || '|' || new.account || '|' || new.place,
    null,
    json_object('engagement', new.engagement, 'account', new.account, 'place', new.place, 'line', new.line,
      'treatment', new.treatment, 'percent', new.percent, 'amount', new.amount, 'instance', new.instance)
  from revision_in_hand;
end;

create trigger mapping_split_goes after delete on mapping_split when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'mapping_split', old.engagement || '|' || old.account || '|' || old.place,
    json_object('engagement', old.engagement, 'account', old.account, 'place', old.place, 'line', old.line,
      'treatment', old.treatment, 'percent', old.percent, 'amount', old.amount, 'instance', old.instance),
    null
  from revision_in_hand;
end;

create trigger mapping_split_changes after update on mapping_split when
  (old.line is not new.line or old.treatment is not new.treatment or old.percent is not new.percent or
  old.amount is not new.amount or
  old.instance is not new.instance)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'mapping_split', new.engagement || '|' || new.account || '|' || new.place,
    json_object('engagement', old.engagement, 'account', old.account, 'place', old.place, 'line', old.line,
      'treatment', old.treatment, 'percent', old.percent, 'amount', old.amount, 'instance', old.instance),
    json_object('engagement', new.engagement, 'account', new.account, 'place', new.place, 'line', new.line,
      'treatment', new.treatment, 'percent', new.percent, 'amount', new.amount, 'instance', new.instance)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'mapping_split', each.engagement || '|' || each.account || '|' || each.place, null,
    json_object('engagement', each.engagement, 'account', each.account, 'place', each.place, 'line', each.line,
      'treatment', each.treatment, 'percent', each.percent, 'amount', each.amount, 'instance', each.instance)
from mapping_split each;
