-- Whether a photo is shown small and whole on a card.
alter table filling add column whole boolean default false not null;

-- Steps that are remembered speak of it too.
update step set changes = replace(cast(changes as varchar(100000000)),
  '"locked":', '"whole":false,"locked":')
  where changes like '%"locked":%';
