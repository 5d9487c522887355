package ojala.server.judge;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Verdicts, numbered per head and target. */
@Mapper
interface VerdictMapper {
    /**
     * @param push whether it is about a push to the target, not about a pull request
     * @param root of the tally that was judged
     * @param document as JSON
     */
    record Row(
            String head,
            String target,
            long number,
            String verdict,
            String headline,
            @Nullable Long covered,
            @Nullable Long total,
            boolean push,
            String root,
            String document,
            Instant decidedAt) {}

    String COLUMNS = "head, target, number, verdict, headline, covered, total, push, root, document, decided_at";

    @Insert("""
            insert into verdict (project_id, head, target, number, verdict, headline, covered, total, push, root, document, decided_at)
            values (#{projectId}, #{row.head}, #{row.target}, #{row.number}, #{row.verdict}, #{row.headline}, #{row.covered},
                    #{row.total}, #{row.push}, #{row.root}, #{row.document}, #{row.decidedAt})""")
    int insert(@Param("projectId") long projectId, @Param("row") Row row);

    @Select(
            "select " + COLUMNS
                    + " from verdict where project_id = #{projectId} and head = #{head} and target = #{target} order by number desc limit 1")
    Optional<Row> newest(
            @Param("projectId") long projectId, @Param("head") String head, @Param("target") String target);

    @Select("select distinct on (target) " + COLUMNS
            + " from verdict where project_id = #{projectId} and head = #{head} order by target, number desc")
    List<Row> newestOfHead(@Param("projectId") long projectId, @Param("head") String head);

    @Select(
            "select " + COLUMNS
                    + " from verdict where project_id = #{projectId} and target = #{target} and push order by decided_at desc limit 1")
    Optional<Row> newestOfTarget(@Param("projectId") long projectId, @Param("target") String target);
}
