-- What had been composed and was taken out before a routine was kept.
alter table routine_version add column taken_out jsonb not null default '[]';

-- How a coach's own keeping moves what is composed, by purpose and exercise; what follows from the
-- kept routines is written with each of them.
create table coach_hand (
  coach_id uuid primary key references coach (id) on delete cascade,
  version bigint not null,
  switched_on boolean not null default true,
  habits jsonb not null default '{}',
  by_hand jsonb not null default '{}'
);

-- What is composed for any client of the coach is another thing from then on.
create function coach_hand_changed() returns trigger language plpgsql as $$
begin
  update client_revision set revision = nextval('client_revision_number')
    where client_id in (select id from client where coach_id = new.coach_id);
  return null;
end $$;
create trigger revision after insert or update on coach_hand for each row execute function coach_hand_changed();
