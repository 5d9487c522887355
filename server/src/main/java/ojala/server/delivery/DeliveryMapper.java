package ojala.server.delivery;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ojala.wire.Manifest;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Deliveries and their files. */
@Mapper
interface DeliveryMapper {
    String COLUMNS =
            "id, manifest, head, suite, part, build, attempt, received_at, state, message, head_tree, root, doubts";

    record ReachRow(String path, String leaf, byte[] bytes) {}

    @Insert("""
            insert into delivery (project_id, id, idempotency_key, manifest, head, suite, part, build, attempt, received_at, state)
            values (#{projectId}, #{id}, #{key}, #{json}, #{m.head}, #{m.suite}, #{m.part}, #{m.build}, #{m.attempt}, #{at}, 'received')
            on conflict (project_id, idempotency_key) do nothing""")
    int insert(
            @Param("projectId") long projectId,
            @Param("id") UUID id,
            @Param("key") @Nullable String key,
            @Param("json") String json,
            @Param("m") Manifest m,
            @Param("at") Instant at);

    @Insert(
            "insert into delivery_file (project_id, delivery_id, ordinal, receipt) values (#{projectId}, #{id}, #{ordinal}, #{receipt})")
    void insertFile(
            @Param("projectId") long projectId,
            @Param("id") UUID id,
            @Param("ordinal") int ordinal,
            @Param("receipt") String receipt);

    @Update(
            "update delivery_file set receipt = #{receipt} where project_id = #{projectId} and delivery_id = #{id} and ordinal = #{ordinal}")
    int updateFile(
            @Param("projectId") long projectId,
            @Param("id") UUID id,
            @Param("ordinal") int ordinal,
            @Param("receipt") String receipt);

    @Select("select " + COLUMNS + " from delivery where project_id = #{projectId} and id = #{id}")
    Optional<Delivery> find(@Param("projectId") long projectId, @Param("id") UUID id);

    @Select("select " + COLUMNS + " from delivery where project_id = #{projectId} and idempotency_key = #{key}")
    Optional<Delivery> ofKey(@Param("projectId") long projectId, @Param("key") String key);

    @Select(
            "select receipt from delivery_file where project_id = #{projectId} and delivery_id = #{id} order by ordinal")
    List<String> files(@Param("projectId") long projectId, @Param("id") UUID id);

    @Select("select " + COLUMNS
            + " from delivery where project_id = #{projectId} and head = #{head} order by received_at, id")
    List<Delivery> ofHead(@Param("projectId") long projectId, @Param("head") String head);

    @Select("select distinct head from delivery where project_id = #{projectId} and head_tree = #{tree} order by head")
    List<String> headsWithTree(@Param("projectId") long projectId, @Param("tree") String tree);

    @Update(
            "update delivery set state = 'waiting-for-commit', message = #{message} where project_id = #{projectId} and id = #{id} and state <> 'read'")
    int waiting(@Param("projectId") long projectId, @Param("id") UUID id, @Param("message") String message);

    @Update("""
            update delivery set state = 'read', message = null, head_tree = #{tree}, root = #{root}, doubts = #{doubts}
            where project_id = #{projectId} and id = #{id} and state <> 'read'""")
    int read(
            @Param("projectId") long projectId,
            @Param("id") UUID id,
            @Param("tree") @Nullable String tree,
            @Param("root") String root,
            @Param("doubts") String doubts);

    @Insert(
            "insert into reach (project_id, delivery_id, path, leaf, bytes) values (#{projectId}, #{id}, #{row.path}, #{row.leaf}, #{row.bytes}) on conflict do nothing")
    void insertReach(@Param("projectId") long projectId, @Param("id") UUID id, @Param("row") ReachRow row);

    @Select(
            "select path, leaf, bytes from reach where project_id = #{projectId} and delivery_id = #{id} and path = #{path}")
    Optional<ReachRow> reach(@Param("projectId") long projectId, @Param("id") UUID id, @Param("path") String path);
}
