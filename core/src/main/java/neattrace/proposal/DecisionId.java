package neattrace.proposal;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neattrace.geom.Point;

/**
 * What a decision is told by: of what kind, where on the untouched source, for which goods. The
 * page may turn or grow when another decision is taken back; the source does not.
 *
 * @param kind of the finding
 * @param at source px; empty if it concerns the whole drawing
 * @param goods keys of the goods it matters for, may be empty
 */
record DecisionId(String kind, Optional<Point> at, List<String> goods) {

    private static final Pattern FORM =
            Pattern.compile("([^@#]+)(?:@(-?\\d+(?:\\.\\d+)?),(-?\\d+(?:\\.\\d+)?))?(?:#(.+))?");

    DecisionId {
        goods = List.copyOf(goods);
    }

    /** Reads what {@link #words} wrote; anything else is the id of nothing. */
    static DecisionId parse(String words) {
        Matcher parts = FORM.matcher(words);
        if (!parts.matches()) {
            return new DecisionId(words, Optional.empty(), List.of());
        }
        Optional<Point> at =
                Optional.ofNullable(parts.group(2))
                        .map(Double::parseDouble)
                        .map(x -> new Point(x, Double.parseDouble(parts.group(3))));
        List<String> goods =
                parts.group(4) == null ? List.of() : Arrays.asList(parts.group(4).split("\\+"));
        return new DecisionId(parts.group(1), at, goods);
    }

    /** Whether both are about the same, if places this near, px, are. */
    boolean isSame(DecisionId other, double samePx) {
        boolean here =
                at.isPresent() && other.at.isPresent()
                        ? at.get().distance(other.at.get()) <= samePx
                        : at.equals(other.at);
        return here && kind.equals(other.kind) && goods.equals(other.goods);
    }

    /** Such as {@code gap-open@412.5,88.1} or {@code line-too-thin@30.0,20.5#sticker}. */
    String words() {
        String where =
                at.map(one -> String.format(Locale.ROOT, "@%.1f,%.1f", one.x(), one.y()))
                        .orElse("");
        return kind + where + (goods.isEmpty() ? "" : "#" + String.join("+", goods));
    }
}
