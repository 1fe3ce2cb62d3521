alter table routine add column archived boolean default false not null;
alter table routine_aud add column archived boolean;
