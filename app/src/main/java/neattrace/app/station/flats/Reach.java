package neattrace.app.station.flats;

/** What one click colours. */
enum Reach {
    ONE("one area"),
    ALIKE("all areas like it"),
    GROUP("its whole group"),
    LINE("the line under it");

    private final String words;

    Reach(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
