-- What stood in columns as text of its own making stands there as JSON.

alter table routine_version alter column steps type jsonb using steps::jsonb;

alter table obligation alter column anchor type jsonb using
  case
    when anchor in ('MORNING', 'NOON', 'EVENING', 'BEDTIME')
      then jsonb_build_object('part', anchor, 'at', null, 'afterActivity', null)
    when anchor like 'after:%'
      then jsonb_build_object('part', null, 'at', null, 'afterActivity', substring(anchor from 7))
    else jsonb_build_object('part', null, 'at', anchor, 'afterActivity', null)
  end;

-- date|from|to|meaning|activity|title, of which only the title may hold a bar itself.
alter table calendar_memory alter column stamp type jsonb using
  jsonb_build_object(
    'date', split_part(stamp, '|', 1),
    'startsAt', split_part(stamp, '|', 2),
    'endsAt', split_part(stamp, '|', 3),
    'meaning', split_part(stamp, '|', 4),
    'activityId', nullif(split_part(stamp, '|', 5), 'null'),
    'title', regexp_replace(stamp, '^([^|]*\|){5}', ''));
