-- How far a card is built: a JSON text. It goes with its card.
create table progress (
    card     uuid           primary key references card (id) on delete cascade,
    document varchar(400000) not null
);
