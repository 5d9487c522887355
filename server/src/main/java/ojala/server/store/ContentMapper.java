package ojala.server.store;

import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Reports as received. */
@Mapper
interface ContentMapper {
    record Chunk(byte[] bytes) {}

    @Insert(
            "insert into content_chunk (project_id, content_id, ordinal, bytes) values (#{projectId}, #{contentId}, #{ordinal}, #{bytes})")
    void insertChunk(
            @Param("projectId") long projectId,
            @Param("contentId") UUID contentId,
            @Param("ordinal") int ordinal,
            @Param("bytes") byte[] bytes);

    @Insert("""
            insert into content (project_id, digest, content_id, size_bytes)
            values (#{projectId}, #{digest}, #{contentId}, #{sizeBytes}) on conflict (project_id, digest) do nothing""")
    int insert(
            @Param("projectId") long projectId,
            @Param("digest") String digest,
            @Param("contentId") UUID contentId,
            @Param("sizeBytes") long sizeBytes);

    @Delete("delete from content_chunk where project_id = #{projectId} and content_id = #{contentId}")
    int dropChunks(@Param("projectId") long projectId, @Param("contentId") UUID contentId);

    @Select("select content_id from content where project_id = #{projectId} and digest = #{digest}")
    Optional<UUID> find(@Param("projectId") long projectId, @Param("digest") String digest);

    @Select(
            "select bytes from content_chunk where project_id = #{projectId} and content_id = #{contentId} and ordinal = #{ordinal}")
    Optional<Chunk> chunk(
            @Param("projectId") long projectId, @Param("contentId") UUID contentId, @Param("ordinal") int ordinal);
}
