-- What was found in photos: faces, and where most is to be seen, by the house rule's value then.
alter table photo add column faces varchar(8000);
alter table photo add column measured boolean default false not null;
alter table photo add column busiest varchar(60);
alter table photo add column busiest_by int;

-- Sharpness is a share now; what was set for the measure before means nothing of it.
delete from house_rule where name = 'BLURRED_BELOW';

-- A crop follows what was found. What has a place already stays as it is until the maker says so.
alter table line_photo add column framing varchar(9) default 'FOLLOWS' not null;
update line_photo set framing = 'AS_BEFORE'
  where keep_x is null and exists
    (select 1 from filling
      where filling.album_id = line_photo.album_id and filling.sha256 = line_photo.sha256);

-- Steps that are remembered speak of it too.
update step set changes = replace(cast(changes as varchar(100000000)),
  '"datedByMaker":', '"framing":"FOLLOWS","datedByMaker":')
  where changes like '%"datedByMaker":%';
