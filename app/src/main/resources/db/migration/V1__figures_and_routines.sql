create table figure (
    id             varchar(120) primary key,
    revision       bigint       not null,
    dance          varchar(40)  not null,
    title          varchar(120) not null,
    level          varchar(20)  not null,
    level_rank     integer      not null,
    bars           varchar(20)  not null,
    count_text     varchar(600) not null,
    start_position varchar(40)  not null,
    end_position   varchar(40)  not null,
    start_foot     varchar(10)  not null,
    end_foot       varchar(10)  not null,
    start_facings  varchar(400) not null,
    end_facing     varchar(20)  not null,
    errors         integer      not null,
    warnings       integer      not null,
    document       clob         not null
);
create index figure_by_dance on figure (dance, level_rank, title);

create table routine (
    id              varchar(120) primary key,
    revision        bigint       not null,
    title           varchar(120) not null,
    dance           varchar(40)  not null,
    tempo           integer      not null,
    placement_count integer      not null,
    figures         clob         not null,
    document        clob         not null
);

create table shipped_book (
    name varchar(60) primary key
);
