package ojala.server.judge;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** What was asked to be judged, against what was. */
@Mapper
interface JudgeRequestMapper {
    record Row(long requested, long judged, Instant firstAt) {}

    @Insert(
            "insert into judge_request (project_id, head, requested, first_at) values (#{projectId}, #{head}, 0, #{at}) on conflict do nothing")
    int note(@Param("projectId") long projectId, @Param("head") String head, @Param("at") Instant at);

    @Select(
            value =
                    "update judge_request set requested = requested + 1 where project_id = #{projectId} and head = #{head} returning requested",
            affectData = true)
    long raise(@Param("projectId") long projectId, @Param("head") String head);

    @Select("select requested, judged, first_at from judge_request where project_id = #{projectId} and head = #{head}")
    Optional<Row> find(@Param("projectId") long projectId, @Param("head") String head);

    @Select(
            "select requested, judged, first_at from judge_request where project_id = #{projectId} and head = #{head} for update")
    Optional<Row> lock(@Param("projectId") long projectId, @Param("head") String head);

    @Update(
            "update judge_request set judged = #{judged} where project_id = #{projectId} and head = #{head} and judged < #{judged}")
    int judged(@Param("projectId") long projectId, @Param("head") String head, @Param("judged") long judged);
}
