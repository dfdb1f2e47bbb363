-- Blocks that repeat are rows of their own, so that each can be moved or cancelled by itself; the
-- series says by which rule they were made (RFC 5545).

create table block_series (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  rule text not null,
  first_date date not null
);
create index block_series_of_client on block_series (client_id);
alter table block add column series_id uuid references block_series (id) on delete set null;
create index block_of_series on block (series_id, date);
