-- What the list shows of a card, as it was last worked out; made_of says of what, so that it is known when it is out of date.
-- It can be thrown away at any time.
create table card_summary (
    card    uuid             primary key references card (id) on delete cascade,
    made_of varchar(200)     not null,
    facts   varchar(20000)   not null,
    sketch  varchar(1000000)
);

-- A picture that nothing names is kept for a while before it goes.
alter table picture add column kept_at timestamp with time zone default current_timestamp not null;

-- Versions go with their card.
create index card_deleted on card (deleted_at);
