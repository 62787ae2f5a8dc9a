-- What a foot is for; empty where neither its owner nor its name tells. How high the foot lifts and how thick a thread may be, where known.
alter table machine add column foot_kind varchar(16);
alter table machine add column foot_lift_mm double precision;
alter table machine add column thickest_tex double precision;
alter table machine_foot add column kind varchar(16);

update machine_foot set kind = case
    when lower(name) like '%quarter%' then 'QUARTER_INCH'
    when lower(name) like '%zip%' then 'ZIPPER'
    when lower(name) like '%walking%' then 'WALKING'
    when lower(name) like '%roller%' then 'ROLLER'
    when lower(name) like '%non-stick%' then 'NON_STICK'
    when lower(name) like '%blind%' then 'BLIND_HEM'
    when lower(name) like '%buttonhole%' then 'BUTTONHOLE'
    when lower(name) like '%darning%' then 'DARNING'
    when lower(name) like '%edge%' then 'EDGE'
    when lower(name) like '%standard%' then 'STANDARD'
    when lower(name) like '%straight%' then 'STRAIGHT'
end;
update machine set foot_kind = (
    select max(it.kind) from machine_foot it where it.machine_id = machine.id and it.name = machine.foot_name
);
