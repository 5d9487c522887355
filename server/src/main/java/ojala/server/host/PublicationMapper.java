package ojala.server.host;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The outbox. */
@Mapper
interface PublicationMapper {
    record Id(long projectId, String head, String target, long number) {}

    record Row(long number, String state) {}

    @Insert("""
            insert into publication (project_id, head, target, number, state, created_at)
            values (#{id.projectId}, #{id.head}, #{id.target}, #{id.number}, 'waiting', #{at})""")
    void insert(@Param("id") Id id, @Param("at") Instant at);

    /** All publications of a head and target, locked: two publishers never work on the same one. */
    @Select("""
            select number, state from publication
            where project_id = #{projectId} and head = #{head} and target = #{target} order by number for update""")
    List<Row> lockAll(Id id);

    @Update("""
            update publication set state = #{state}, attempts = attempts + 1
            where project_id = #{id.projectId} and head = #{id.head} and target = #{id.target} and number = #{id.number}""")
    int mark(@Param("id") Id id, @Param("state") String state);

    @Update("""
            update publication set attempts = attempts + 1, last_failure = #{failure}
            where project_id = #{id.projectId} and head = #{id.head} and target = #{id.target} and number = #{id.number}""")
    int failed(@Param("id") Id id, @Param("failure") String failure);
}
