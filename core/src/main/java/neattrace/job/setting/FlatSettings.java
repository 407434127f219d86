package neattrace.job.setting;

import java.util.Arrays;
import java.util.List;
import neattrace.flat.FlatLimits;
import neattrace.flat.FlatRecipe;
import neattrace.job.Job;

/** What can be set about flats and the files made of them. */
public final class FlatSettings {

    public static final Quantity LEAST_AREA =
            Quantity.of(
                    "least-area",
                    "Least width of an area",
                    "mm",
                    0,
                    FlatLimits.MOST_AREA_MM,
                    0.1,
                    job -> job.flat().limits().leastAreaMm(),
                    (job, v) -> flat(job, new FlatLimits(v, job.flat().limits().mostInks())));

    public static final Quantity MOST_INKS =
            Quantity.of(
                    "most-inks",
                    "Most colours",
                    "",
                    0,
                    FlatLimits.MOST_INKS,
                    1,
                    job -> job.flat().limits().mostInks(),
                    (job, v) ->
                            flat(
                                    job,
                                    new FlatLimits(
                                            job.flat().limits().leastAreaMm(), Quantity.whole(v))));

    public static final Quantity SPREAD =
            Quantity.of(
                    "spread",
                    "Spread",
                    "mm",
                    0,
                    FlatRecipe.MOST_SPREAD_MM,
                    0.005,
                    job -> job.flat().spreadMm(),
                    (job, v) -> job.withFlat(job.flat().withSpreadMm(v)));

    public static final Option<FlatRecipe.Pieces> PIECES =
            new Option<>(
                    "pieces",
                    "Shapes in files",
                    Arrays.asList(FlatRecipe.Pieces.values()),
                    pieces ->
                            switch (pieces) {
                                case UNITED -> "colour";
                                case BY_AREA -> "area";
                                case BY_OBJECT -> "object";
                            },
                    job -> job.flat().pieces(),
                    (job, pieces) -> job.withFlat(job.flat().withPieces(pieces)));

    /** All of them. */
    static final List<Setting> ALL = List.of(LEAST_AREA, MOST_INKS, SPREAD, PIECES);

    private FlatSettings() {}

    private static Job flat(Job job, FlatLimits next) {
        return job.withFlat(job.flat().withLimits(next));
    }
}
