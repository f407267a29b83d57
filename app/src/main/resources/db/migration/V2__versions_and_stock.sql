-- A version is a plan document of its card under a name of the maker's.
create table card_version (
    id       uuid                     primary key,
    card     uuid                     not null references card (id),
    name     varchar(120)             not null,
    document varchar(400000)          not null,
    made_at  timestamp with time zone not null
);
create index version_of_card on card_version (card, made_at);

-- What the maker has of their own: one document.
create table stock (
    id       integer         primary key,
    document varchar(400000) not null
);

-- Free cards are drawn line by line and take more room.
alter table card alter column document set data type varchar(400000);
