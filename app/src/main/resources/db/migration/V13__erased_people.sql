-- Who has been erased, as a mark that names nobody: an older backup does not bring them back.
create table erased (
    studio_id bigint      not null references studio,
    mark      varchar(64) not null,
    primary key (studio_id, mark)
);
