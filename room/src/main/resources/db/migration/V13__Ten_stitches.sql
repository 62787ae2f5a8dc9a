-- The real length of a stitch under a foot, as a share of the one that is set; empty where nobody measured.
alter table machine_foot add column length_share double precision;
