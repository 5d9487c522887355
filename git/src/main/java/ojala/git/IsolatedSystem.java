package ojala.git;

import org.eclipse.jgit.lib.Config;
import org.eclipse.jgit.lib.ConfigConstants;
import org.eclipse.jgit.storage.file.FileBasedConfig;
import org.eclipse.jgit.util.FS;
import org.eclipse.jgit.util.SystemReader;
import org.jspecify.annotations.Nullable;

/** Keeps JGit away from the user's and the machine's git configuration: nothing there is read, nothing is written. */
final class IsolatedSystem extends SystemReader.Delegate {
    private IsolatedSystem(SystemReader real) {
        super(real);
    }

    static void install() {
        if (!(SystemReader.getInstance() instanceof IsolatedSystem)) {
            SystemReader.setInstance(new IsolatedSystem(SystemReader.getInstance()));
        }
    }

    @Override
    public FileBasedConfig openUserConfig(Config parent, FS fs) {
        return new FileSystemFacts(fs);
    }

    @Override
    public FileBasedConfig openSystemConfig(Config parent, FS fs) {
        return new Empty(fs);
    }

    @Override
    public FileBasedConfig openJGitConfig(Config parent, FS fs) {
        return new FileSystemFacts(fs);
    }

    /** Answers what JGit would else measure for seconds in every process: how coarse a file system's clock may be. */
    private static final class FileSystemFacts extends Empty {
        FileSystemFacts(FS fs) {
            super(fs);
        }

        @Override
        public @Nullable String getString(String section, @Nullable String subsection, String name) {
            return section.equals(ConfigConstants.CONFIG_FILESYSTEM_SECTION) ? "10 milliseconds" : null;
        }
    }

    private static class Empty extends FileBasedConfig {
        Empty(FS fs) {
            super(new java.io.File("none"), fs);
        }

        @Override
        public void load() {
            // there is no file behind it
        }

        @Override
        public void save() {
            // what JGit wants to remember lives as long as the process
        }

        @Override
        public boolean isOutdated() {
            return false;
        }
    }
}
