-- Everything that was told of somebody's health lies in tables of one kind: whose, when, what.

alter table minded rename column said_at to at;

create table session_stop (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  session_id uuid not null references session (id) on delete cascade,
  at timestamptz not null,
  date date not null
);
create index session_stop_of_client on session_stop (client_id, at);
insert into session_stop (id, coach_id, client_id, session_id, at, date)
  select gen_random_uuid(), coach_id, client_id, id, ended_at, date from session where state = 'STOPPED';

create table session_line (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  session_id uuid not null references session (id) on delete cascade,
  at timestamptz not null,
  words text not null
);
create index session_line_of_client on session_line (client_id, at);
insert into session_line (id, coach_id, client_id, session_id, at, words)
  select gen_random_uuid(), coach_id, client_id, id, checked_in_at, words from session
  where checked_in_at is not null and words <> '';
alter table session drop column words;

-- How a session ended, and how much of its planned time was done.
alter table session rename column state to ending;
alter table session add column done_percent integer not null default 0;
update session set done_percent = done.percent
  from (select session_id, (sum(planned_millis * done_percent) / greatest(sum(planned_millis), 1))::integer as percent
        from session_step group by session_id) done
  where done.session_id = session.id;
alter table session alter column done_percent drop default;

-- A number that is another one after every change to anything about a client. What was read of a
-- client holds as long as it stays the same. It comes from a sequence, so that no number comes back
-- after a change was taken back.
create sequence client_revision_number;
create table client_revision (
  client_id uuid primary key references client (id) on delete cascade,
  revision bigint not null
);
insert into client_revision (client_id, revision) select id, nextval('client_revision_number') from client;

create function client_changed() returns trigger language plpgsql as $$
declare
  changed uuid := case when tg_op = 'DELETE' then old.client_id else new.client_id end;
begin
  update client_revision set revision = nextval('client_revision_number') where client_id = changed;
  return null;
end $$;

create function client_made() returns trigger language plpgsql as $$
begin
  insert into client_revision (client_id, revision) values (new.id, nextval('client_revision_number'))
    on conflict (client_id) do update set revision = excluded.revision;
  return null;
end $$;

create trigger revision after insert or update on client for each row execute function client_made();

do $$
declare
  name text;
begin
  foreach name in array array ['activity', 'block', 'busy_time', 'round_length', 'session', 'pain_entry',
      'screening', 'minded', 'session_stop', 'session_line', 'programme', 'obligation', 'agreed_session'] loop
    execute format('create trigger revision after insert or update or delete on %I'
      ' for each row execute function client_changed()', name);
  end loop;
end $$;

-- Hands and weights of an activity as documents, not as text with slashes in it.
alter table activity add column roles_document jsonb;
update activity set roles_document = (
  select jsonb_object_agg(split_part(entry, '/', 1), split_part(entry, '/', 2)) from unnest(roles) entry)
  where roles is not null;
alter table activity drop column roles;
alter table activity rename column roles_document to roles;
alter table activity add column weights_document jsonb;
update activity set weights_document = (
  select coalesce(jsonb_agg(jsonb_build_object('target', split_part(entry, '/', 1), 'side', split_part(entry, '/', 2),
    'points', split_part(entry, '/', 3)::integer)), '[]') from unnest(weights) entry)
  where weights is not null;
alter table activity drop column weights;
alter table activity rename column weights_document to weights;

-- Parts of a block likewise.
alter table block add column parts_document jsonb not null default '[]';
update block set parts_document = (
  select coalesce(jsonb_agg(jsonb_build_object(
      'title', substring(entry from '^[^/]*/[^/]*/[^/]*/(.*)$'),
      'minutes', split_part(entry, '/', 1)::integer,
      'restMinutes', split_part(entry, '/', 2)::integer,
      'certainty', split_part(entry, '/', 3)) order by place), '[]')
  from unnest(parts) with ordinality as part (entry, place));
alter table block drop column parts;
alter table block rename column parts_document to parts;
alter table block alter column parts drop default;

-- The day on which a round was measured, so that it is read with what else there is of days.
alter table round_length add column date date;
update round_length set date = (ended_at at time zone client.time_zone)::date from client
  where client.id = round_length.client_id;
alter table round_length alter column date set not null;

-- Every entry of a day counts its changes.
alter table busy_time add column version bigint not null default 0;
alter table round_length add column version bigint not null default 0;

-- One name, one type: in pain "since" is a day, in a sign it is words.
alter table screening rename column since to since_words;
