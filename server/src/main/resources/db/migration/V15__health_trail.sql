-- Who read or changed what a client told of their health; the client may read it. Once a day for
-- the same person and the same deed.
create table health_trail (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  account_id uuid not null,
  who text not null,
  deed text not null,
  at timestamptz not null,
  day date not null,
  unique (client_id, account_id, deed, day)
);
