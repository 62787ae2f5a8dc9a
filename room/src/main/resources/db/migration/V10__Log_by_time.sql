-- The log is read in the order in which things happened, not in the order in which they were told.
create index event_by_time on event (at, seq);
