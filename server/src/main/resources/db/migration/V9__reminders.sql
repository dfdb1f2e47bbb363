-- How a client wants to be reminded; without a row not at all. And mail that waits to be sent.

create table reminder_choice (
  client_id uuid primary key references client (id) on delete cascade,
  coach_id uuid not null references coach (id) on delete cascade,
  in_app boolean not null,
  mail boolean not null,
  digest boolean not null,
  digest_at time not null,
  minutes_before integer not null
);

create table outgoing_mail (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  occasion text not null,
  recipient text not null,
  subject text not null,
  body text not null,
  made_at timestamptz not null,
  next_try_at timestamptz not null,
  tries integer not null,
  sent_at timestamptz,
  failure text,
  unique (client_id, occasion)
);
create index outgoing_mail_to_send on outgoing_mail (next_try_at) where sent_at is null;
