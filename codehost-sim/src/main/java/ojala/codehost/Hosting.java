package ojala.codehost;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import ojala.wire.Json;
import org.eclipse.jgit.errors.RepositoryNotFoundException;
import org.eclipse.jgit.internal.storage.file.FileRepository;
import org.eclipse.jgit.lib.Repository;

/**
 * The repositories in a folder: each a bare git repository and a JSON file with its pull requests. Safe from several
 * threads.
 */
final class Hosting {
    private final Path folder;

    Hosting(Path folder) {
        this.folder = folder;
    }

    /** Makes an empty repository whose default branch is main. */
    synchronized HostedRepository create(String name, HostedRepository.OjalaProject ojala) {
        if (!name.matches("[a-z0-9][a-z0-9-]{0,62}")) {
            throw new Refused("“" + name + "” is no repository name: small letters, digits and hyphens");
        }
        if (Files.exists(record(name))) {
            throw new Refused("there is a repository " + name + " already");
        }
        try (Repository repository = new FileRepository(git(name).toFile())) {
            Files.createDirectories(folder);
            repository.create(true);
            repository.updateRef("HEAD", true).link("refs/heads/main");
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
        HostedRepository created = new HostedRepository(name, ojala, List.of("main"), List.of(), List.of());
        write(created);
        return created;
    }

    /** Opens the git repository of {@code harbour} or {@code harbour.git}. */
    Repository open(String name) throws RepositoryNotFoundException {
        String plain = name.replaceFirst("\\.git$", "");
        if (!plain.matches("[a-z0-9][a-z0-9-]{0,62}") || !Files.exists(record(plain))) {
            throw new RepositoryNotFoundException(name);
        }
        try {
            return new FileRepository(git(plain).toFile());
        } catch (IOException failure) {
            throw new RepositoryNotFoundException(name, failure);
        }
    }

    synchronized HostedRepository get(String name) {
        if (!name.matches("[a-z0-9][a-z0-9-]{0,62}") || !Files.exists(record(name))) {
            throw new Refused("there is no repository " + name);
        }
        try {
            return Json.read(Files.readString(record(name)), HostedRepository.class);
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    synchronized List<HostedRepository> all() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(file -> file.endsWith(".json"))
                    .sorted()
                    .map(file -> get(file.substring(0, file.length() - 5)))
                    .toList();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    /** Changes a repository's record; nobody else does in between. */
    synchronized HostedRepository change(String name, UnaryOperator<HostedRepository> change) {
        HostedRepository changed = change.apply(get(name));
        write(changed);
        return changed;
    }

    private void write(HostedRepository repository) {
        try {
            Path draft = folder.resolve(repository.name() + ".json.new");
            Files.writeString(draft, Json.writePretty(repository));
            Files.move(
                    draft,
                    record(repository.name()),
                    StandardCopyOption.ATOMIC_MOVE,
                    StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private Path record(String name) {
        return folder.resolve(name + ".json");
    }

    private Path git(String name) {
        return folder.resolve(name + ".git");
    }
}
