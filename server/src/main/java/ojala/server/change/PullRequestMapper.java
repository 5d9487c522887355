package ojala.server.change;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Pull requests as their code host tells them. */
@Mapper
interface PullRequestMapper {
    @Insert("""
            insert into pull_request (project_id, number, title, source, target, head, state, updated_at)
            values (#{projectId}, #{p.number}, #{p.title}, #{p.source}, #{p.target}, #{p.head}, #{p.state}, #{p.updatedAt})
            on conflict (project_id, number) do update set title = excluded.title, source = excluded.source,
                target = excluded.target, head = excluded.head, state = excluded.state, updated_at = excluded.updated_at""")
    int save(@Param("projectId") long projectId, @Param("p") PullRequest p);

    @Select(
            "select number, title, source, target, head, state, updated_at from pull_request where project_id = #{projectId} and head = #{head} and state = 'open' order by number")
    List<PullRequest> openWithHead(@Param("projectId") long projectId, @Param("head") String head);

    @Select(
            "select number, title, source, target, head, state, updated_at from pull_request where project_id = #{projectId} order by (state = 'open') desc, updated_at desc limit 500")
    List<PullRequest> all(long projectId);

    @Select(
            "select number, title, source, target, head, state, updated_at from pull_request where project_id = #{projectId} and number = #{number}")
    Optional<PullRequest> find(@Param("projectId") long projectId, @Param("number") int number);

    @Select("""
            select number, title, source, target, head, state, updated_at from pull_request
            where project_id = #{projectId} and (number::text = #{text} or lower(title) like #{within} or lower(source) like #{within})
            order by (state = 'open') desc, number desc limit #{most}""")
    List<PullRequest> search(
            @Param("projectId") long projectId,
            @Param("text") String text,
            @Param("within") String within,
            @Param("most") int most);

    @Select("select count(*) from pull_request where project_id = #{projectId} and state = 'open'")
    int countOpen(long projectId);
}
