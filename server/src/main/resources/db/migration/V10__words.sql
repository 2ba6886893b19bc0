-- How the words of a card are written, and what a title spells; cards of before are written by hand.
alter table ephemera add column inscription character large object;
-- What is to be told in an album besides its photos.
alter table album add column facts character large object;
