-- For which state of its spread a photo is meant.
alter table line_photo add column showing varchar(16) default 'ANY' not null;
