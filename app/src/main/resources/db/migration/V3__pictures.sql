-- Pictures of makers' own papers, as PNG.
create table picture (
    id      uuid                primary key,
    content blob not null
);
