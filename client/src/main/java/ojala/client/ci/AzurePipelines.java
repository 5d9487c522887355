package ojala.client.ci;

import java.util.Optional;

/** Azure Pipelines. */
final class AzurePipelines implements CiSystem {
    @Override
    public String name() {
        return "Azure Pipelines";
    }

    @Override
    public String variables() {
        return "TF_BUILD, SYSTEM_PULLREQUEST_*, BUILD_SOURCEBRANCHNAME, BUILD_BUILDID, SYSTEM_JOBATTEMPT, SYSTEM_JOBDISPLAYNAME";
    }

    @Override
    public Optional<CiJob> job(Environment environment) {
        if (!environment.has("TF_BUILD")) {
            return Optional.empty();
        }
        return Optional.of(new CiJob(
                name(),
                environment.commit("SYSTEM_PULLREQUEST_SOURCECOMMITID"),
                environment
                        .first("SYSTEM_PULLREQUEST_SOURCEBRANCH", "BUILD_SOURCEBRANCH")
                        .map(AzurePipelines::branch),
                environment
                        .number("SYSTEM_PULLREQUEST_PULLREQUESTNUMBER")
                        .or(() -> environment.number("SYSTEM_PULLREQUEST_PULLREQUESTID")),
                environment.get("SYSTEM_PULLREQUEST_TARGETBRANCH").map(AzurePipelines::branch),
                environment.get("BUILD_BUILDID"),
                environment.number("SYSTEM_JOBATTEMPT").orElse(1),
                environment.get("SYSTEM_JOBDISPLAYNAME")));
    }

    private static String branch(String reference) {
        return reference.replaceFirst("^refs/heads/", "");
    }
}
