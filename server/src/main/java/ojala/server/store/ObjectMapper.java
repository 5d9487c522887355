package ojala.server.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Canonical bytes by digest. */
@Mapper
interface ObjectMapper {
    record Row(String digest, byte[] bytes) {}

    @Select(
            "select digest, bytes from object where project_id = #{projectId} and digest = any (#{digests, jdbcType=ARRAY, typeHandler=org.apache.ibatis.type.ArrayTypeHandler})")
    List<Row> load(@Param("projectId") long projectId, @Param("digests") String[] digests);

    @Insert(
            "insert into object (project_id, digest, bytes) values (#{projectId}, #{row.digest}, #{row.bytes}) on conflict do nothing")
    void keep(@Param("projectId") long projectId, @Param("row") Row row);
}
