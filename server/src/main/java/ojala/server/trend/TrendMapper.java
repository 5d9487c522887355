package ojala.server.trend;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Points of trends. */
@Mapper
interface TrendMapper {
    String COMMITS = "#{commits, jdbcType=ARRAY, typeHandler=org.apache.ibatis.type.ArrayTypeHandler}";

    record CommitRow(
            String commit, String subject, String author, Instant committedAt, String verdict, String doubts) {}

    record CountRow(String commit, long covered, long total) {}

    record KeptRow(String area, String countName) {}

    @Insert("""
            insert into trend_commit (project_id, commit, subject, author, committed_at, verdict, doubts)
            values (#{projectId}, #{row.commit}, #{row.subject}, #{row.author}, #{row.committedAt}, #{row.verdict}, #{row.doubts})
            on conflict (project_id, commit) do update set verdict = excluded.verdict, doubts = excluded.doubts""")
    int saveCommit(@Param("projectId") long projectId, @Param("row") CommitRow row);

    @Delete("delete from trend_count where project_id = #{projectId} and commit = #{commit}")
    int clearCounts(@Param("projectId") long projectId, @Param("commit") String commit);

    @Insert("""
            insert into trend_count (project_id, area, count_name, commit, covered, total)
            values (#{projectId}, #{area}, #{countName}, #{row.commit}, #{row.covered}, #{row.total})""")
    int addCount(
            @Param("projectId") long projectId,
            @Param("area") String area,
            @Param("countName") String countName,
            @Param("row") CountRow row);

    @Select("select commit, covered, total from trend_count where project_id = #{projectId} and area = #{area}"
            + " and count_name = #{countName} and commit = any (" + COMMITS + ")")
    List<CountRow> points(
            @Param("projectId") long projectId,
            @Param("area") String area,
            @Param("countName") String countName,
            @Param("commits") String[] commits);

    @Select("select commit, subject, author, committed_at, verdict, doubts from trend_commit"
            + " where project_id = #{projectId} and commit = any (" + COMMITS + ")")
    List<CommitRow> commits(@Param("projectId") long projectId, @Param("commits") String[] commits);

    @Select("select area, count_name from trend_count where project_id = #{projectId} and commit = #{commit}"
            + " order by area, count_name")
    List<KeptRow> kept(@Param("projectId") long projectId, @Param("commit") String commit);

    @Select("""
            select commit, subject, author, committed_at, verdict, doubts from trend_commit
            where project_id = #{projectId} and (commit like #{prefix} or lower(subject) like #{within})
            order by committed_at desc limit #{most}""")
    List<CommitRow> search(
            @Param("projectId") long projectId,
            @Param("prefix") String prefix,
            @Param("within") String within,
            @Param("most") int most);

    @Select("select commit, subject, author, committed_at, verdict, doubts from trend_commit"
            + " where project_id = #{projectId} and commit = #{commit}")
    Optional<CommitRow> find(@Param("projectId") long projectId, @Param("commit") String commit);
}
