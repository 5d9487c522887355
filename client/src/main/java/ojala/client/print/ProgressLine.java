package ojala.client.print;

import java.io.PrintStream;
import ojala.client.http.Progress;

/** A progress bar on the error stream of a terminal; silent anywhere else. */
public final class ProgressLine implements Progress {
    private static final int CELLS = 30;

    private final PrintStream terminal;

    @SuppressWarnings("SystemConsoleNull") // the launcher keeps JDK 22 and later at null without a terminal
    private final boolean shown = System.console() != null;

    private int lastPercent = -1;

    public ProgressLine(PrintStream terminal) {
        this.terminal = terminal;
    }

    @Override
    public void sent(long sentBytes, long totalBytes) {
        int percent = totalBytes == 0 ? 100 : (int) (sentBytes * 100 / totalBytes);
        if (shown && percent != lastPercent) {
            lastPercent = percent;
            int done = percent * CELLS / 100;
            terminal.print("\rsending " + "█".repeat(done) + "░".repeat(CELLS - done) + " " + percent + " %");
            if (percent == 100) {
                terminal.print("\r" + " ".repeat(CELLS + 20) + "\r");
            }
            terminal.flush();
        }
    }
}
