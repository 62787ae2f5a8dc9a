-- What was under the needle when it broke or was balanced, and how many projects a needle began.
alter table event add column setup varchar(2000);
alter table needle add column projects int default 0 not null;
alter table needle add column big_projects int default 0 not null;
