-- How tickets are laid on their cloths, as a hand kept it.
create table ticket_lay (
    workroom_id uuid not null,
    ticket_id   uuid not null,
    layer       text not null,
    lay         jsonb not null,
    primary key (ticket_id, layer),
    foreign key (workroom_id, ticket_id) references ticket (workroom_id, id) on delete cascade
);
