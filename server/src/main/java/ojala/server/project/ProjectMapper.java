package ojala.server.project;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import ojala.wire.NewProject;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Projects. */
@Mapper
interface ProjectMapper {
    @Insert("""
            insert into project (key, repository, default_branch, code_host_url, code_host_secret, created_at)
            values (#{project.key}, #{project.repository}, #{branch}, #{hostUrl}, #{hostSecret}, #{at})
            on conflict (key) do nothing""")
    int insert(
            @Param("project") NewProject project,
            @Param("branch") String branch,
            @Param("hostUrl") @Nullable String hostUrl,
            @Param("hostSecret") @Nullable String hostSecret,
            @Param("at") Instant at);

    @Select("select * from project where key = #{key}")
    Optional<Project> byKey(String key);

    @Select("select * from project where id = #{id}")
    Optional<Project> byId(long id);

    @Select("select * from project order by key")
    List<Project> all();
}
