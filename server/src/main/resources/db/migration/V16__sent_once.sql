-- What was asked for under a key, and what was answered: asked again with the same key it is not
-- done again.
create table sent_once (
  account_id uuid not null references account (id) on delete cascade,
  key text not null check (length(key) between 8 and 64),
  request text not null,
  status int,
  content_type text,
  body text,
  at timestamptz not null,
  primary key (account_id, key)
);
create index sent_once_at on sent_once (at);
