package ojala.git;

import org.eclipse.jgit.lib.Config;
import org.eclipse.jgit.storage.file.FileBasedConfig;
import org.eclipse.jgit.util.FS;
import org.eclipse.jgit.util.SystemReader;

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
        return new Empty(fs);
    }

    @Override
    public FileBasedConfig openSystemConfig(Config parent, FS fs) {
        return new Empty(fs);
    }

    @Override
    public FileBasedConfig openJGitConfig(Config parent, FS fs) {
        return new Empty(fs);
    }

    private static final class Empty extends FileBasedConfig {
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
