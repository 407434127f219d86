package neattrace.goods;

import java.util.Locale;

/**
 * One kind of goods as one person makes them. Everything is on the finished thing, at its final
 * size.
 *
 * @param name such as "My printer's vinyl"; the kind's own if it is as usual
 * @param kind what it is
 * @param sizing how large it is
 * @param detail how fine it may be
 * @param printing how it is printed
 * @param edges what lies round the drawing
 * @param ground what it is made of
 * @param needs what must be done before
 */
public record Goods(
        String name,
        GoodsKind kind,
        Sizing sizing,
        Detail detail,
        Printing printing,
        Edges edges,
        Ground ground,
        Needs needs) {

    /** Names are no longer, characters. */
    public static final int LONGEST_NAME = 80;

    public Goods {
        name = name.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("goods have a name of 1 to 80 letters");
        }
    }

    /** Its size and kind in a few words, such as "60 mm sticker". */
    public String words() {
        return size().isEmpty() ? kind.noun() : size() + " " + kind.noun();
    }

    /** Its size in a few words, such as "60 mm"; empty if it is as large as it was scanned. */
    public String size() {
        return switch (sizing.fit()) {
            case WIDTH -> number(sizing.widthMm()) + " mm";
            case HEIGHT -> number(sizing.heightMm()) + " mm high";
            case PAGE ->
                    PaperSize.of(sizing.widthMm(), sizing.heightMm())
                            .map(PaperSize::label)
                            .orElseGet(
                                    () ->
                                            number(sizing.widthMm())
                                                    + " × "
                                                    + number(sizing.heightMm())
                                                    + " mm");
            case SCANNED -> "";
        };
    }

    private static String number(double mm) {
        double tenth = Math.rint(mm * 10) / 10;
        return tenth == Math.rint(tenth)
                ? String.valueOf((long) tenth)
                : String.format(Locale.ROOT, "%.1f", tenth);
    }

    public Goods withName(String value) {
        return new Goods(value, kind, sizing, detail, printing, edges, ground, needs);
    }

    public Goods withSizing(Sizing value) {
        return new Goods(name, kind, value, detail, printing, edges, ground, needs);
    }

    public Goods withDetail(Detail value) {
        return new Goods(name, kind, sizing, value, printing, edges, ground, needs);
    }

    public Goods withPrinting(Printing value) {
        return new Goods(name, kind, sizing, detail, value, edges, ground, needs);
    }

    public Goods withEdges(Edges value) {
        return new Goods(name, kind, sizing, detail, printing, value, ground, needs);
    }

    public Goods withGround(Ground value) {
        return new Goods(name, kind, sizing, detail, printing, edges, value, needs);
    }
}
