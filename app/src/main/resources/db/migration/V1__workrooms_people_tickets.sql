create table workroom (
    id         uuid primary key default gen_random_uuid(),
    name       text not null,
    created_at timestamptz not null default now()
);

create table account (
    id         uuid primary key default gen_random_uuid(),
    email      text not null unique check (email = lower(email)),
    password   text not null,
    name       text not null,
    created_at timestamptz not null default now()
);

create table membership (
    workroom_id uuid not null references workroom on delete cascade,
    account_id  uuid not null references account on delete cascade,
    primary key (account_id, workroom_id)
);

create table sign_in_failure (
    email text not null,
    at    timestamptz not null default now()
);
create index sign_in_failure_by_email on sign_in_failure (email, at);

create table person (
    id          uuid primary key default gen_random_uuid(),
    workroom_id uuid not null references workroom on delete cascade,
    name        text not null,
    note        text not null default '',
    created_at  timestamptz not null default now(),
    unique (workroom_id, id)
);
create index person_by_name on person (workroom_id, lower(name) text_pattern_ops);

-- Sheets are only ever added; the newest is the one in force.
create table measure_sheet (
    id          uuid primary key default gen_random_uuid(),
    workroom_id uuid not null,
    person_id   uuid not null,
    number      int  not null,
    taken_on    date not null,
    taken_by    text not null,
    note        text not null default '',
    created_at  timestamptz not null default now(),
    foreign key (workroom_id, person_id) references person (workroom_id, id) on delete cascade,
    unique (person_id, number),
    unique (workroom_id, id)
);

create table measure_reading (
    workroom_id uuid not null,
    sheet_id    uuid not null,
    measure     text not null,
    typed       text not null,
    unit        text not null,
    mm          double precision not null,
    provenance  text not null,
    primary key (sheet_id, measure),
    foreign key (workroom_id, sheet_id) references measure_sheet (workroom_id, id) on delete cascade
);

create table ticket (
    id          uuid primary key default gen_random_uuid(),
    workroom_id uuid not null,
    person_id   uuid not null,
    name        text not null,
    cut         text not null,
    way         text not null,
    settings    jsonb not null default '{}',
    cloth       jsonb not null,
    promised    date,
    version     int  not null default 1,
    created_at  timestamptz not null default now(),
    updated_at  timestamptz not null default now(),
    foreign key (workroom_id, person_id) references person (workroom_id, id) on delete cascade,
    unique (workroom_id, id)
);
create index ticket_by_promise on ticket (workroom_id, promised nulls last, name);
create index ticket_by_person on ticket (person_id);

-- A pattern that was cut never changes silently: the whole request is kept, with the engine that drafted it and a hash of its result.
create table revision (
    id          uuid primary key default gen_random_uuid(),
    workroom_id uuid not null,
    ticket_id   uuid not null,
    number      int  not null,
    reason      text not null default '',
    made_by     text not null,
    made_at     timestamptz not null default now(),
    request     jsonb not null,
    engine      text not null,
    result_hash text not null,
    foreign key (workroom_id, ticket_id) references ticket (workroom_id, id) on delete cascade,
    unique (ticket_id, number)
);
