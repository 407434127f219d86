package neattrace.fuzz;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neattrace.flat.exchange.PaletteFile;
import neattrace.gang.GangFile;
import neattrace.gang.GangPlace;
import neattrace.gang.GangSheet;
import neattrace.goods.GoodsFile;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.sheet.LayoutFile;
import neattrace.goods.sheet.SheetLayout;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.file.JobFile;
import neattrace.job.file.NamedRecipe;
import neattrace.job.file.RecipeFile;
import neattrace.press.PressProfile;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import neattrace.testing.Recipes;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Small whole files of every kind, from which fuzzing starts. */
final class Seeds {

    private Seeds() {}

    static List<byte[]> of(Reader reader, Path folder) throws IOException {
        return switch (reader) {
            case PICTURE -> pictures();
            case JOB -> List.of(job(folder));
            case RECIPE -> {
                Path file = folder.resolve("seed" + RecipeFile.ENDING);
                RecipeFile.save(file, new NamedRecipe("seed", Recipes.full()));
                yield List.of(Files.readAllBytes(file));
            }
            case PALETTE -> palettes();
            case GOODS -> {
                List<byte[]> all = new ArrayList<>();
                for (GoodsKind kind : GoodsKind.values()) {
                    Path file = folder.resolve(kind + GoodsFile.ENDING);
                    GoodsFile.save(file, UsualGoods.of(kind));
                    all.add(Files.readAllBytes(file));
                }
                yield all;
            }
            case LAYOUT -> {
                Path file = folder.resolve("seed" + LayoutFile.ENDING);
                LayoutFile.save(file, SheetLayout.USUAL);
                yield List.of(Files.readAllBytes(file));
            }
            case SHEET -> {
                Path file = folder.resolve("seed" + GangFile.ENDING);
                GangSheet sheet = GangSheet.EMPTY.with(folder.resolve("a.ntjob"));
                GangPlace place = new GangPlace(1, 20, 20, 45, true);
                GangFile.save(file, sheet.withTitle("Seed").withPlaces(List.of(place)));
                yield List.of(Files.readAllBytes(file));
            }
            case PROFILE -> List.of(PressProfile.bundled().bytes());
            case ROUGH -> pictures();
        };
    }

    /** Writes those of one reader into a corpus, as the fuzzer wants them. */
    static void write(Reader reader, Path corpus) throws IOException {
        Path folder = Files.createTempDirectory("seeds");
        int number = 0;
        for (byte[] seed : of(reader, folder)) {
            Files.write(corpus.resolve("seed" + number++), seed);
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(folder);
    }

    /** The name of a reader and the folder of its corpus. */
    public static void main(String[] arguments) throws IOException {
        write(Reader.valueOf(arguments[0]), Path.of(arguments[1]));
    }

    private static byte[] job(Path folder) throws IOException {
        byte[] png = Pictures.png(Pictures.plain(9, 7, BufferedImage.TYPE_BYTE_GRAY, 0xFF888888));
        Job job = Jobs.coloured().withSource(new Source("seed.png", png));
        Path file = folder.resolve("seed" + JobFile.ENDING);
        JobFile.save(
                file,
                job.withRecipe(Recipes.full()).withLine(Recipes.lines()).withFlat(Recipes.flats()),
                new byte[0]);
        return Files.readAllBytes(file);
    }

    private static List<byte[]> pictures() throws IOException {
        List<byte[]> seeds = new ArrayList<>();
        for (int type :
                new int[] {
                    BufferedImage.TYPE_BYTE_GRAY,
                    BufferedImage.TYPE_INT_RGB,
                    BufferedImage.TYPE_BYTE_BINARY
                }) {
            BufferedImage image = Pictures.plain(17, 11, type, 0xFF336699);
            for (String format : List.of("png", "jpeg", "tiff", "bmp", "gif")) {
                seeds.add(Pictures.encode(image, format));
            }
        }
        seeds.add(
                ("<svg xmlns='http://www.w3.org/2000/svg' width='3mm' height='2mm' viewBox='0 0 3 2'>"
                                + "<path d='M0 0L3 2' stroke='black' stroke-width='.2'/></svg>")
                        .getBytes(StandardCharsets.UTF_8));
        seeds.add(Pictures.webp());
        try (PDDocument document = new PDDocument()) {
            document.addPage(new PDPage(new PDRectangle(9, 6)));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            seeds.add(out.toByteArray());
        }
        return seeds;
    }

    private static List<byte[]> palettes() throws IOException {
        List<byte[]> seeds = new ArrayList<>();
        for (PaletteFile.Format format : PaletteFile.Format.values()) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            out.write(format.ordinal());
            PaletteFile.write(List.of(Jobs.INNER, Jobs.OUTER), format, PressProfile.bundled(), out);
            seeds.add(out.toByteArray());
        }
        return seeds;
    }
}
