-- A card is its plan document; name and times stand beside it for the list.
create table card (
    id         uuid                     primary key,
    revision   integer                  not null,
    name       varchar(120)             not null,
    document   varchar(200000)          not null,
    changed_at timestamp with time zone not null,
    deleted_at timestamp with time zone
);
create index card_changed on card (deleted_at, changed_at);
