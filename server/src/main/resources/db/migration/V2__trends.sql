-- Points of trends: one commit each, judged as a push. The order is the branch's first-parent order, which git knows; nothing here
-- depends on when a delivery came.

create table trend_commit (
    project_id   bigint      not null references project,
    commit       text        not null,
    subject      text        not null,
    author       text        not null,
    committed_at timestamptz not null,
    verdict      text        not null,
    doubts       text        not null,
    primary key (project_id, commit)
) partition by hash (project_id);

-- One row for each area (empty for the whole) and count: drawing a line reads narrow rows of one range. TrendMapper.points
create table trend_count (
    project_id bigint not null,
    area       text   not null,
    count_name text   not null,
    commit     text   not null,
    covered    bigint not null,
    total      bigint not null,
    primary key (project_id, area, count_name, commit)
) partition by hash (project_id);

do $$
begin
    for part in 0..7 loop
        execute format('create table trend_commit_%s partition of trend_commit for values with (modulus 8, remainder %s)', part, part);
        execute format('create table trend_count_%s partition of trend_count for values with (modulus 8, remainder %s)', part, part);
    end loop;
end $$;
