-- That some weeks of a programme were looked at, and what was decided about each question.
create table review (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  at timestamptz not null,
  since date not null,
  until date not null,
  answers jsonb not null
);
create index review_of_client on review (client_id, at);
create trigger revision after insert or update or delete on review
  for each row execute function client_changed();
