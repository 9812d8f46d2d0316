-- What is stored as JSON says which shape it has; rows from before are of shape 1.
alter table ticket add column format int not null default 1;
alter table revision add column format int not null default 1;

-- A revision keeps the pattern it drew. Whether it would come out otherwise today is asked when somebody looks, once for each engine.
alter table revision
    add column drawn           jsonb,
    add column compared_engine text,
    add column compared_moved  boolean;

-- A person's name and note are changed on a version, like a ticket.
alter table person add column version int not null default 1;

-- The invented workrooms, so that they can be shut.
alter table workroom add column demo boolean not null default false;
update workroom w set demo = true
where exists (select 1 from membership m join account a on a.id = m.account_id
              where m.workroom_id = w.id and a.email in ('demo@brightplumb.test', 'other@brightplumb.test'));

-- How many tries are left, shared by all nodes.
drop table sign_in_failure;
create table try_bucket (
    id            bigint primary key,
    state         bytea,
    expires_at    bigint,
    explicit_lock bigint
);

-- Where an account was signed in from: its owner there is not held up by strangers elsewhere.
create table known_client (
    account_id uuid not null references account on delete cascade,
    client     text not null,
    seen_at    timestamptz not null default now(),
    primary key (account_id, client)
);
