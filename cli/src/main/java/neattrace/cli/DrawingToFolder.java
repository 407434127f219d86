package neattrace.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import neattrace.raster.reading.PictureReader;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** A drawing, its colours, and a folder for what is made of it. */
final class DrawingToFolder {

    @Parameters(paramLabel = "IN", description = "A job, or a picture: " + PictureReader.KINDS)
    private Path input;

    @Option(names = "--rough", paramLabel = "ROUGH", description = "A picture with its colours.")
    private Path rough;

    @Option(
            names = "--out-dir",
            required = true,
            paramLabel = "DIR",
            description = "Where its files go.")
    private Path folder;

    Path input() {
        return input;
    }

    /** Its colours; null for none. */
    Path rough() {
        return rough;
    }

    Path folder() {
        return folder;
    }

    /** What is never written to; others may be null. */
    List<Path> inputs(Path... others) {
        List<Path> inputs = new ArrayList<>(List.of(input));
        if (rough != null) {
            inputs.add(rough);
        }
        for (Path other : others) {
            if (other != null) {
                inputs.add(other);
            }
        }
        return inputs;
    }
}
