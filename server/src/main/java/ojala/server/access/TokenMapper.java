package ojala.server.access;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Tokens. Only hashes are stored. */
@Mapper
interface TokenMapper {
    /** @param projectId absent for an administrator's */
    record Row(
            UUID id,
            String kind,
            @Nullable Long projectId,
            @Nullable String projectKey,
            Instant createdAt) {}

    @Insert(
            "insert into token (id, project_id, kind, hash, created_at) values (#{id}, #{projectId}, #{kind}, #{hash}, #{at})")
    void insert(
            @Param("id") UUID id,
            @Param("projectId") @Nullable Long projectId,
            @Param("kind") String kind,
            @Param("hash") String hash,
            @Param("at") Instant at);

    @Select("""
            select t.id, t.kind, t.project_id, p.key as project_key, t.created_at
            from token t left join project p on p.id = t.project_id
            where t.hash = #{hash} and t.revoked_at is null""")
    Optional<Row> valid(String hash);

    @Select("select count(*) from token where kind = 'administrator' and revoked_at is null")
    int administrators();

    @Update("update token set revoked_at = #{at} where id = #{id} and project_id = #{projectId} and revoked_at is null")
    int revoke(@Param("projectId") long projectId, @Param("id") UUID id, @Param("at") Instant at);
}
