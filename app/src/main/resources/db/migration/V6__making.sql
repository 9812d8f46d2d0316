-- How far the making of a ticket has come: its habit, and for each piece of work whether it is done and how long it took.
create table making (
    workroom_id uuid not null,
    ticket_id   uuid not null primary key,
    habit       text not null,
    foreign key (workroom_id, ticket_id) references ticket (workroom_id, id) on delete cascade
);

create table making_progress (
    workroom_id uuid not null,
    ticket_id   uuid not null,
    work        text not null,
    done_at     timestamptz,
    done_by     text,
    seconds     bigint not null default 0 check (seconds >= 0),
    clock_since timestamptz,
    primary key (ticket_id, work),
    foreign key (workroom_id, ticket_id) references ticket (workroom_id, id) on delete cascade
);
