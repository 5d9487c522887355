-- Every table begins with project_id, and the large ones are partitioned by it, so that a project's rows stay together.

create table project (
    id               bigint generated always as identity primary key,
    key              text        not null unique,
    repository       text        not null,
    default_branch   text        not null,
    code_host_url    text,
    code_host_secret text,
    created_at       timestamptz not null
);

create table token (
    id         uuid primary key,
    project_id bigint references project,
    kind       text        not null check (kind in ('delivery', 'administrator')),
    hash       text        not null unique,
    created_at timestamptz not null,
    revoked_at timestamptz,
    check ((kind = 'delivery') = (project_id is not null))
);

-- Reports as received, each content once; the chunks are zstd.
create table content (
    project_id bigint not null references project,
    digest     text   not null,
    content_id uuid   not null,
    size_bytes bigint not null,
    primary key (project_id, digest)
);

create table content_chunk (
    project_id bigint not null,
    content_id uuid   not null,
    ordinal    int    not null,
    bytes      bytea  not null,
    primary key (project_id, content_id, ordinal)
) partition by hash (project_id);

create table delivery (
    project_id      bigint      not null references project,
    id              uuid        not null,
    idempotency_key text,
    manifest        text        not null,
    head            text        not null,
    suite           text        not null,
    part            text        not null,
    build           text        not null,
    attempt         int         not null,
    received_at     timestamptz not null,
    state           text        not null check (state in ('received', 'waiting-for-commit', 'read')),
    message         text,
    head_tree       text,
    root            text,
    doubts          text        not null default '[]',
    primary key (project_id, id),
    unique (project_id, idempotency_key)
);
-- DeliveryMapper.ofHead
create index delivery_head on delivery (project_id, head);
-- DeliveryMapper.headsWithTree
create index delivery_tree on delivery (project_id, head_tree);

create table delivery_file (
    project_id  bigint not null,
    delivery_id uuid   not null,
    ordinal     int    not null,
    receipt     text   not null,
    primary key (project_id, delivery_id, ordinal),
    foreign key (project_id, delivery_id) references delivery
);

-- Canonical bytes of leaves and nodes by digest.
create table object (
    project_id bigint not null,
    digest     text   not null,
    bytes      bytea  not null,
    primary key (project_id, digest)
) partition by hash (project_id);

-- What differs from run to run: hit counts and the lines that each named test reached.
create table reach (
    project_id  bigint not null,
    delivery_id uuid   not null,
    path        text   not null,
    leaf        text   not null,
    bytes       bytea  not null,
    primary key (project_id, delivery_id, path)
) partition by hash (project_id);

create table pull_request (
    project_id bigint      not null references project,
    number     int         not null,
    title      text        not null,
    source     text        not null,
    target     text        not null,
    head       text        not null,
    state      text        not null check (state in ('open', 'merged', 'closed')),
    updated_at timestamptz not null,
    primary key (project_id, number)
);
-- PullRequestMapper.openWithHead
create index pull_request_head on pull_request (project_id, head);

-- Counts what was asked against what was done: the fence of the merge-and-judge job.
create table judge_request (
    project_id bigint      not null references project,
    head       text        not null,
    requested  bigint      not null,
    judged     bigint      not null default 0,
    first_at   timestamptz not null,
    primary key (project_id, head)
);

create table verdict (
    project_id bigint      not null references project,
    head       text        not null,
    target     text        not null,
    number     bigint      not null,
    verdict    text        not null,
    headline   text        not null,
    covered    bigint,
    total      bigint,
    push       boolean     not null,
    root       text        not null,
    document   text        not null,
    decided_at timestamptz not null,
    primary key (project_id, head, target, number)
);
-- VerdictMapper.newestOfTarget
create index verdict_target on verdict (project_id, target, decided_at desc) where push;

-- The outbox: written together with its verdict, emptied by the publisher.
create table publication (
    project_id   bigint      not null,
    head         text        not null,
    target       text        not null,
    number       bigint      not null,
    state        text        not null check (state in ('waiting', 'published', 'superseded')),
    attempts     int         not null default 0,
    last_failure text,
    created_at   timestamptz not null,
    primary key (project_id, head, target, number),
    foreign key (project_id, head, target, number) references verdict
);

-- The table of db-scheduler, in its own layout.
create table scheduled_tasks (
    task_name            text        not null,
    task_instance        text        not null,
    task_data            bytea,
    execution_time       timestamptz not null,
    picked               boolean     not null,
    picked_by            text,
    last_success         timestamptz,
    last_failure         timestamptz,
    consecutive_failures int,
    last_heartbeat       timestamptz,
    version              bigint      not null,
    priority             smallint,
    state                text,
    primary key (task_name, task_instance)
);
create index scheduled_tasks_execution on scheduled_tasks (execution_time);
create index scheduled_tasks_heartbeat on scheduled_tasks (last_heartbeat);

do $$
begin
    for part in 0..7 loop
        execute format('create table content_chunk_%s partition of content_chunk for values with (modulus 8, remainder %s)', part, part);
        execute format('create table object_%s partition of object for values with (modulus 8, remainder %s)', part, part);
        execute format('create table reach_%s partition of reach for values with (modulus 8, remainder %s)', part, part);
    end loop;
end $$;
