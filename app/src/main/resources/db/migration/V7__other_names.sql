-- What else a figure is called, a name a line. Figures kept before have none.
alter table figure add column other_names varchar(21000) default '' not null;
