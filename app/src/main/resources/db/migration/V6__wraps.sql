-- A wrap is a card of its own that goes round another one.
alter table card add column wraps uuid;
create index card_wraps on card (wraps);
