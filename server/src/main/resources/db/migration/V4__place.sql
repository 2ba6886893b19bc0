-- What slots are set aside for, what was put by hand, what is cut or stuck, and what is owned.
alter table filling add column aside varchar(5);
alter table filling add column by_hand boolean default false not null;
alter table filling add column made varchar(5);
alter table catalogue_item add column owned int;

-- Steps that are remembered speak of who put things where.
update step set changes = replace(cast(changes as varchar(100000000)),
  '"locked":', '"byHand":false,"locked":')
  where changes like '%"locked":%';
