package ojala.codehost;

import java.util.List;
import java.util.Optional;

/**
 * A repository with its pull requests, as kept in one JSON file beside it. Immutable.
 *
 * @param ojala the project that is told of pushes and pull requests
 * @param requiredChecks the branches into which nothing is merged without a passing verdict
 */
record HostedRepository(
        String name,
        OjalaProject ojala,
        List<String> requiredChecks,
        List<PullRequest> pullRequests,
        List<Check> checks) {
    /** @param url of the service; the secret signs calls in both directions */
    record OjalaProject(String url, String project, String secret) {}

    /** @param state {@code open}, {@code merged} or {@code closed} */
    record PullRequest(int number, String title, String source, String target, String head, String state) {
        PullRequest withHead(String newHead) {
            return new PullRequest(number, title, source, target, newHead, state);
        }

        PullRequest withState(String newState) {
            return new PullRequest(number, title, source, target, head, newState);
        }
    }

    /** A verdict as published; of each commit and target the one with the highest number is kept. */
    record Check(String commit, String target, long number, String verdict, String headline, String page) {
        boolean passing() {
            return verdict.equals("pass") || verdict.equals("warn");
        }
    }

    HostedRepository {
        requiredChecks = List.copyOf(requiredChecks);
        pullRequests = List.copyOf(pullRequests);
        checks = List.copyOf(checks);
    }

    Optional<PullRequest> pullRequest(int number) {
        return pullRequests.stream().filter(one -> one.number() == number).findFirst();
    }

    Optional<Check> check(PullRequest pullRequest) {
        return checks.stream()
                .filter(check -> check.commit().equals(pullRequest.head())
                        && check.target().equals(pullRequest.target()))
                .findFirst();
    }

    HostedRepository with(PullRequest changed) {
        List<PullRequest> all = new java.util.ArrayList<>(pullRequests);
        all.removeIf(one -> one.number() == changed.number());
        all.add(changed);
        all.sort(java.util.Comparator.comparingInt(PullRequest::number));
        return new HostedRepository(name, ojala, requiredChecks, all, checks);
    }

    /** The same with a check, unless one with a higher number is there. */
    HostedRepository with(Check check) {
        boolean older = checks.stream().anyMatch(one -> sameSubject(one, check) && one.number() > check.number());
        if (older) {
            return this;
        }
        List<Check> all = new java.util.ArrayList<>(checks);
        all.removeIf(one -> sameSubject(one, check));
        all.add(check);
        return new HostedRepository(name, ojala, requiredChecks, pullRequests, all);
    }

    private static boolean sameSubject(Check a, Check b) {
        return a.commit().equals(b.commit()) && a.target().equals(b.target());
    }
}
