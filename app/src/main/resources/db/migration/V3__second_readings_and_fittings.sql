-- A measure may be read twice, or on the left and on the right.
alter table measure_reading
    add column second_typed text,
    add column second_mm    double precision;

-- What was seen at a fitting, and the revisions before and after its correction.
create table fitting (
    id          uuid primary key default gen_random_uuid(),
    workroom_id uuid not null,
    ticket_id   uuid not null,
    remark      text not null,
    note        text not null default '',
    changes     jsonb not null,
    before_rev  int  not null,
    after_rev   int  not null,
    made_by     text not null,
    made_at     timestamptz not null default now(),
    foreign key (workroom_id, ticket_id) references ticket (workroom_id, id) on delete cascade
);
create index fitting_by_ticket on fitting (ticket_id, made_at);
