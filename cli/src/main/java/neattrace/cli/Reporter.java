package neattrace.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.function.BooleanSupplier;
import neattrace.flat.exchange.PaletteException;
import neattrace.gang.GangException;
import neattrace.goods.GoodsException;
import neattrace.goods.sheet.LayoutException;
import neattrace.job.file.JobFileException;
import neattrace.job.file.RecipeException;
import neattrace.press.ProfileException;
import neattrace.raster.reading.PictureException;
import neattrace.stage.Progress;

/** Says what happens: results on standard output, errors as one plain line on standard error. */
final class Reporter {

    private static final int MOST_LETTERS = 600;

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

    /** What files and their names hold may be long, and may hold codes that terminals obey. */
    void warn(String line) {
        String plain = line.replaceAll("\\s+", " ").replaceAll("[\\p{Cntrl}\\p{Cf}]", "\uFFFD");
        err.println(
                plain.length() <= MOST_LETTERS ? plain : plain.substring(0, MOST_LETTERS) + " …");
    }

    void detail(String line) {
        if (verbose.getAsBoolean()) {
            err.println(line);
        }
    }

    /** Reports a failure; returns the exit code it calls for. */
    int failed(Throwable e) {
        if (isMemory(e)) {
            warn("There is not enough memory for this. Try a smaller scan.");
            return ExitCode.UNREADABLE;
        }
        warn(e.getMessage() == null ? e.toString() : e.getMessage());
        if (verbose.getAsBoolean()) {
            e.printStackTrace(err);
        }
        if (e instanceof PictureException
                || e instanceof JobFileException
                || e instanceof PaletteException
                || e instanceof LayoutException
                || e instanceof GoodsException
                || e instanceof GangException
                || e instanceof ProfileException
                || e instanceof RecipeException) {
            return ExitCode.UNREADABLE;
        }
        if (e instanceof EmptyDrawingException) {
            return ExitCode.STOPPED;
        }
        return e instanceof IOException ? ExitCode.NOT_WRITTEN : 1;
    }

    /** Threads of a pool hand on what went wrong wrapped up. */
    private static boolean isMemory(Throwable e) {
        for (Throwable at = e; at != null; at = at.getCause()) {
            if (at instanceof OutOfMemoryError) {
                return true;
            }
        }
        return false;
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
