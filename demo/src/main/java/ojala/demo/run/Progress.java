package ojala.demo.run;

import java.io.PrintStream;
import java.time.Duration;
import java.time.Instant;

/** Says what is being done and what is left: one line that changes on a terminal, a line per step elsewhere. */
public final class Progress {
    private static final int WIDTH = 100;

    private final PrintStream out;
    private final boolean terminal;
    private final int steps;
    private int step;
    private String title = "";
    private Instant begun = Instant.now();

    public Progress(PrintStream out, boolean terminal, int steps) {
        this.out = out;
        this.terminal = terminal;
        this.steps = steps;
    }

    /** Begins the next step. */
    public void step(String what) {
        step++;
        title = "[" + step + "/" + steps + "] " + what;
        begun = Instant.now();
        if (terminal) {
            show(title + " …");
        } else {
            out.println(title + " …");
        }
    }

    /** Says how far the step is. */
    public void at(int done, int all, String detail) {
        if (terminal && done > 0) {
            long left = Duration.between(begun, Instant.now()).toMillis() * (all - done) / done / 1000;
            show(title + ": " + done + " of " + all + ", about " + left + " s left · " + detail);
        } else if (!terminal && done > 0 && done % 10 == 0) {
            out.println("      " + done + " of " + all + " · " + detail);
        }
    }

    /** Ends the step with a result that stays. */
    public void done(String result) {
        if (terminal) {
            show(title + ": " + result);
            out.println();
        } else {
            out.println("      " + result);
        }
    }

    private void show(String line) {
        String cut = line.length() > WIDTH - 1 ? line.substring(0, WIDTH - 2) + "…" : line;
        out.print("\r" + cut + "\u001b[K");
        out.flush();
    }
}
