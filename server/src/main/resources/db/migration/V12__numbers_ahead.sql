-- A step can fill thousands of slots. Numbers for their rows are set aside many at a time, for each
-- time is a write of its own to the file.
alter table filling alter column id set cache 4096;
