-- How a machine is threaded, as its owner ordered it: guides one a line, and which way its bobbin turns; empty where nobody told.
alter table machine add column guides varchar(1200) default '' not null;
alter table machine add column bobbin_turns varchar(16);
