-- What was under the needle when it broke or was balanced, and how many projects a needle began.
alter table event add column setup varchar(2000);
alter table needle add column projects int default 0 not null;
alter table needle add column big_projects int default 0 not null;

-- The newest event of a kind is asked for on every page. With the newest first in the index, and the query ordered by all of its
-- columns, one row is read, however long the log.
drop index event_by_machine;
drop index event_by_place;
create index event_newest_of_machine on event (machine_id, kind, seq desc);
create index event_newest_at_place on event (machine_id, place, kind, seq desc);
create index event_newest_of_kind on event (kind, seq desc);
create index event_put_off on event (machine_id, until_at);
