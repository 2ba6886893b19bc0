-- What must not be seen of a photo.
alter table line_photo add column concealed varchar(500) default '' not null;

-- Steps that are remembered speak of it too.
update step set changes = replace(cast(changes as varchar(100000000)),
  '"framing":', '"concealed":[],"framing":')
  where changes like '%"framing":%';
