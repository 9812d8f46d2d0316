-- The small picture of a ticket, kept beside it: drawn anew when the ticket or its person's measures have changed since.
alter table ticket
    add column outline jsonb,
    add column outline_of text not null default '';
