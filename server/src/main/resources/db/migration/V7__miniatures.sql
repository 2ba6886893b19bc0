-- The picture in few grey pixels, by which near-repeats are told.
alter table photo add column miniature varbinary(1100);
