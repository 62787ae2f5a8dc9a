-- What the bobbins are made of that a machine's manual names; empty where nobody knows.
alter table machine add column bobbin_material varchar(12);
