package neattrace.job.setting;

import java.util.Arrays;
import java.util.List;
import neattrace.flat.FlatRecipe;

/** What can be set about flats and the files made of them. */
public final class FlatSettings {

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
    static final List<Setting> ALL = List.of(SPREAD, PIECES);

    private FlatSettings() {}
}
