-- Cards and keepsakes are called ephemera.
alter table thing rename to ephemera;
alter table ephemera alter column thing_key rename to ephemera_key;
alter table filling alter column thing_key rename to ephemera_key;
alter table album alter column last_thing_key rename to last_ephemera_key;
