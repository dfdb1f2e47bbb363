-- A device whose clock is ahead tells of sessions in the future; they are put right and this is kept.
alter table session add column clock_ahead_seconds bigint not null default 0;

-- Ranges stand here as they stand in the forms, so that no number can break what is computed from it.
-- "Not valid" leaves rows from before alone; every new or changed one is checked.
alter table session add constraint session_planned check (planned_millis between 1 and 7200000) not valid;
alter table session_step add constraint session_step_planned check (planned_millis between 1 and 7200000) not valid;
alter table session add constraint session_order check (ended_at >= began_at) not valid;

-- Nothing of anybody alive lies outside these years.
do $$
declare
  place record;
begin
  for place in
    select c.table_name, c.column_name, c.data_type
    from information_schema.columns c join information_schema.tables t using (table_schema, table_name)
    where c.table_schema = 'public' and t.table_type = 'BASE TABLE'
      and c.data_type in ('date', 'timestamp with time zone')
  loop
    execute format('alter table %I add constraint %I check (extract(year from %I%s) between 1899 and 2200) not valid',
      place.table_name, place.table_name || '_' || place.column_name || '_years', place.column_name,
      case place.data_type when 'date' then '' else ' at time zone ''UTC''' end);
  end loop;
end $$;
