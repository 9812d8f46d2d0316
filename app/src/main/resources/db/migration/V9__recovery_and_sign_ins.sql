-- The hash of the code that opens an account whose password is lost; none where it was used and not made anew.
alter table account add column recovery text;

-- When and from where an account was signed in to, the latest few.
create table sign_in (
    id         bigint generated always as identity primary key,
    account_id uuid not null references account on delete cascade,
    at         timestamptz not null default now(),
    client     text not null,
    browser    text not null default ''
);
create index sign_in_by_account on sign_in (account_id, id desc);
