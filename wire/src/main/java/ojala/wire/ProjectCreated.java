package ojala.wire;

/** A new project with its delivery token, which is shown this once. */
public record ProjectCreated(ProjectDocument project, TokenDocument token) {}
