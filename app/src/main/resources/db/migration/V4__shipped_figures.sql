alter table shipped_book add column fingerprint varchar(64) default '' not null;

create table shipped_figure (
    id       varchar(120) primary key,
    document clob         not null
);

create table shipped_routine (
    id varchar(120) primary key
);
