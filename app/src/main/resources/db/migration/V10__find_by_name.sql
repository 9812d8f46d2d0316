-- A name is found by any part of it; the first two letters by how its words begin.
create extension if not exists pg_trgm;
create extension if not exists btree_gin;
create index person_by_part_of_name on person using gin (workroom_id, lower(name) gin_trgm_ops);
create index ticket_by_part_of_name on ticket using gin (workroom_id, lower(name) gin_trgm_ops);
create index ticket_by_name on ticket (workroom_id, lower(name) text_pattern_ops);

-- Small pictures are drawn where they are read, and held in memory.
alter table ticket
    drop column outline,
    drop column outline_of;
