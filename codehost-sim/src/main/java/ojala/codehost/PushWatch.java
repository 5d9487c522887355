package ojala.codehost;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Collection;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.transport.ReceiveCommand;
import org.eclipse.jgit.transport.ReceivePack;
import org.eclipse.jgit.transport.resolver.ReceivePackFactory;
import org.springframework.stereotype.Component;

/** Takes pushes: moves the heads of the pull requests from the pushed branches, and announces both. */
@Component
class PushWatch implements ReceivePackFactory<HttpServletRequest> {
    private final Hosting hosting;
    private final Announcer announcer;

    PushWatch(Hosting hosting, Announcer announcer) {
        this.hosting = hosting;
        this.announcer = announcer;
    }

    @Override
    public ReceivePack create(HttpServletRequest request, Repository git) {
        String name = git.getDirectory().getName().replaceFirst("\\.git$", "");
        ReceivePack receive = new ReceivePack(git);
        receive.setPostReceiveHook((pack, commands) -> received(name, git, commands));
        return receive;
    }

    private void received(String name, Repository git, Collection<ReceiveCommand> commands) {
        for (ReceiveCommand command : commands) {
            boolean branch = command.getRefName().startsWith("refs/heads/")
                    && command.getResult() == ReceiveCommand.Result.OK
                    && command.getType() != ReceiveCommand.Type.DELETE;
            if (branch) {
                moved(
                        name,
                        git,
                        command.getRefName().substring(11),
                        command.getNewId().name());
            }
        }
    }

    private void moved(String name, Repository git, String branch, String head) {
        HostedRepository before = hosting.get(name);
        announcer.push(before, branch, head);
        for (HostedRepository.PullRequest one : before.pullRequests()) {
            if (one.state().equals("open") && one.source().equals(branch)) {
                HostedRepository.PullRequest updated = one.withHead(head);
                HostedRepository after = hosting.change(name, repository -> repository.with(updated));
                publishHead(git, updated);
                announcer.pullRequest(after, updated);
            }
        }
    }

    /** Every pull request's head is fetched as {@code refs/pull/N/head}. */
    static void publishHead(Repository git, HostedRepository.PullRequest one) {
        try {
            var update = git.updateRef("refs/pull/" + one.number() + "/head");
            update.setNewObjectId(git.resolve(one.head()));
            update.forceUpdate();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }
}
