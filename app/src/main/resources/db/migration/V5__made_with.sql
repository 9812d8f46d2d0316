-- What a hand adds to a cut, and takes off it.
alter table ticket
    add column made_with    jsonb not null default '[]',
    add column made_without jsonb not null default '[]';

-- The construction amounts of these recipes, once part of every way, are a way of their own.
update ticket set way = 'bench' where cut in ('tailored-shorts', 'drawcord-shorts') and way = 'house';
update ticket set way = 'bench' where cut = 'lounge-shorts' and way = 'arc';
update ticket set way = 'bench' where cut = 'box-fold-palazzo' and way = 'sixteenth';
