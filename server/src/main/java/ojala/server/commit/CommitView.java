package ojala.server.commit;

import java.util.Optional;
import ojala.core.tally.Tally;
import ojala.core.view.View;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;

/**
 * A measured commit, seen through the settings that its newest verdict used.
 *
 * @param settings the commit whose settings those are; empty if there were none
 */
record CommitView(CommitInfo commit, GitRepository repository, Tally tally, View view, Optional<String> settings) {}
