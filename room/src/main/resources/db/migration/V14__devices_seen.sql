-- When a paired device was seen last, and whether it may do what concerns the whole room.
alter table paired_device add column seen_at timestamp(3) with time zone;
update paired_device set seen_at = paired_at;
alter table paired_device alter column seen_at set not null;
alter table paired_device add column may_all boolean default false not null;
