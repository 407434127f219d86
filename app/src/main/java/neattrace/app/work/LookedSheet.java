package neattrace.app.work;

import neattrace.finding.Findings;

/**
 * What was found on a sheet of stickers.
 *
 * @param known the sheet with all that is known of it
 * @param whole whether all is arranged that was to be
 */
public record LookedSheet(KnownSheet known, boolean whole) implements Looked {

    @Override
    public Findings findings() {
        return known.findings();
    }
}
