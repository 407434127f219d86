package neattrace.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.function.BooleanSupplier;
import neattrace.flat.exchange.PaletteException;
import neattrace.job.file.JobFileException;
import neattrace.job.recipe.RecipeException;
import neattrace.progress.Progress;
import neattrace.raster.reading.PictureException;

/** Says what happens: results on standard output, errors as one plain line on standard error. */
final class Reporter {

    private final PrintWriter out;
    private final PrintWriter err;
    private final BooleanSupplier verbose;

    Reporter(PrintWriter out, PrintWriter err, BooleanSupplier verbose) {
        this.out = out;
        this.err = err;
        this.verbose = verbose;
    }

    void say(String line) {
        out.println(line);
    }

    void warn(String line) {
        err.println(line.replaceAll("\\s+", " "));
    }

    void detail(String line) {
        if (verbose.getAsBoolean()) {
            err.println(line);
        }
    }

    /** Reports a failure; returns the exit code it calls for. */
    int failed(Exception e) {
        warn(e.getMessage() == null ? e.toString() : e.getMessage());
        if (verbose.getAsBoolean()) {
            e.printStackTrace(err);
        }
        if (e instanceof PictureException
                || e instanceof JobFileException
                || e instanceof PaletteException
                || e instanceof RecipeException) {
            return ExitCode.UNREADABLE;
        }
        return e instanceof IOException ? ExitCode.NOT_WRITTEN : 1;
    }

    /** Progress as verbose lines, one for each step. */
    Progress progress() {
        String[] last = {""};
        return (step, share) -> {
            synchronized (last) {
                if (!step.equals(last[0])) {
                    last[0] = step;
                    detail("  " + step);
                }
            }
        };
    }
}
