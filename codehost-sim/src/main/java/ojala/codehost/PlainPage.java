package ojala.codehost;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.util.HtmlUtils;

/** One plain page: the repositories, their pull requests, and what the required check says of each. */
@RestController
class PlainPage {
    private static final String STYLE = """
            body { font: 15px/1.5 system-ui, sans-serif; max-width: 60rem; margin: 2rem auto; padding: 0 1rem; color: #222 }
            table { border-collapse: collapse; width: 100% } td, th { text-align: left; padding: .35rem .8rem .35rem 0;
            border-bottom: 1px solid #ddd; vertical-align: top } code { font: 13px monospace } .soft { color: #666 }
            """;

    private final Hosting hosting;

    PlainPage(Hosting hosting) {
        this.hosting = hosting;
    }

    @GetMapping(path = "/", produces = MediaType.TEXT_HTML_VALUE + ";charset=UTF-8")
    String page() {
        StringBuilder page = new StringBuilder(
                        "<!doctype html><html lang=en><meta charset=utf-8><title>Code host</title><style>")
                .append(STYLE)
                .append("</style><h1>Simulated code host</h1>");
        hosting.all().forEach(repository -> repository(page, repository));
        return page.append("</html>").toString();
    }

    private static void repository(StringBuilder page, HostedRepository repository) {
        page.append("<h2>")
                .append(escaped(repository.name()))
                .append("</h2><p class=soft>Clone from <code>/git/")
                .append(escaped(repository.name()))
                .append(".git</code>. Required check on: ")
                .append(escaped(String.join(", ", repository.requiredChecks())))
                .append("</p><table><tr><th>#<th>Pull request<th>State<th>Required check</tr>");
        repository.pullRequests().forEach(one -> {
            page.append("<tr><td>").append(one.number()).append("<td>").append(escaped(one.title()));
            page.append("<br><code class=soft>").append(escaped(one.source() + " → " + one.target()));
            page.append(" · ")
                    .append(escaped(one.head().substring(0, 8)))
                    .append("</code><td>")
                    .append(escaped(one.state()))
                    .append("<td>");
            page.append(repository.check(one).map(PlainPage::check).orElse("<span class=soft>no verdict yet</span>"));
        });
        page.append("</table>");
    }

    private static String check(HostedRepository.Check check) {
        String merge = check.passing() ? "may be merged" : "merge blocked";
        String link = check.page().matches("https?://.*") ? check.page() : "#";
        return "<b>" + escaped(check.verdict()) + "</b>, " + merge + "<br><a href=\"" + escaped(link) + "\">"
                + escaped(check.headline()) + "</a>";
    }

    private static String escaped(String text) {
        return HtmlUtils.htmlEscape(text);
    }
}
