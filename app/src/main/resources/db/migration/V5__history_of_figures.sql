create table figure_aud (
    id       varchar(120) not null,
    rev      integer      not null references revinfo,
    revtype  tinyint,
    title    varchar(120),
    dance    varchar(40),
    document clob,
    primary key (rev, id)
);
create index figure_aud_by_id on figure_aud (id, rev);
create index routine_aud_by_id on routine_aud (id, rev);

-- What was there before versions were kept becomes the first of them.
insert into revinfo (revtstmp)
select cast(extract(epoch from current_timestamp) * 1000 as bigint)
where exists (select 1 from figure) or exists (select 1 from routine);

insert into figure_aud (id, rev, revtype, title, dance, document)
select id, (select max(rev) from revinfo), 0, title, dance, document from figure;

insert into routine_aud (id, rev, revtype, title, dance, tempo, placement_count, figures, document, archived)
select id, (select max(rev) from revinfo), 0, title, dance, tempo, placement_count, figures, document, archived from routine
where id not in (select id from routine_aud);
