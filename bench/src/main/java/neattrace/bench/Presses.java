package neattrace.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFit;
import neattrace.goods.Sizing;
import neattrace.goods.UsualGoods;
import neattrace.job.Job;
import neattrace.job.PressSection;
import neattrace.job.Source;
import neattrace.job.change.RoughFlats;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Colorant;
import neattrace.press.DeltaE2000;
import neattrace.press.InkLook;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Tints;
import neattrace.press.plate.Laid;
import neattrace.press.plate.PlateMaker;
import neattrace.press.plate.PlateMap;
import neattrace.press.plate.Plates;
import neattrace.press.rehearsal.PressRecipe;
import neattrace.press.rehearsal.Rehearsal;
import neattrace.press.separate.ColourGraph;
import neattrace.press.separate.InkMerger;
import neattrace.press.separate.Merging;
import neattrace.press.separate.OneColourRecipe;
import neattrace.print.Artwork;
import neattrace.print.PlateWork;
import neattrace.print.PrintPlan;
import neattrace.print.ready.PressPalette;
import neattrace.print.ready.PressSheet;
import neattrace.print.ready.SwatchGraph;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.stage.Progress;

/**
 * The press on an open set of drawings with coloured twins, each colour an ink of its own: paper
 * that shows when a plate moves by the tolerance in eight directions, with traps and without; the
 * most ink anywhere; fewer inks against merging by colour alone; edges kept in one colour; and how
 * long plates and rehearsals of 19 million pixels take.
 */
public final class Presses {

    private static final int DRAWINGS = 50;
    private static final int SIDE_PX = 1000;

    /** Drawings come out so wide: with lines of 2 mm, or of half a mm. */
    private static final double[] WIDE_MM = {80, 20};

    private static final double REGISTER_MM = 0.2;
    private static final double LOOK_PPI = 1200;

    private Presses() {}

    /** Directory of black drawings, directory of their coloured twins, optionally how many. */
    public static void main(String[] arguments) throws IOException {
        int count = arguments.length > 2 ? Integer.parseInt(arguments[2]) : DRAWINGS;
        List<Path> files;
        try (Stream<Path> listed = Files.list(Path.of(arguments[0]))) {
            files = listed.filter(p -> p.toString().endsWith(".svg")).sorted().toList();
        }
        List<Drawing> drawings = new ArrayList<>();
        Pipeline pipeline = new Pipeline();
        for (int i = 0; i < files.size() && drawings.size() < count; i++) {
            Path black = files.get((int) ((long) i * 1_000_003 % files.size()));
            Path colour = Path.of(arguments[1]).resolve(black.getFileName());
            if (Files.exists(colour)) {
                coloured(pipeline, black, colour).ifPresent(drawings::add);
            }
        }
        System.out.println(drawings.size() + " drawings");
        for (double wide : WIDE_MM) {
            registers(pipeline, drawings, wide);
        }
        inks(drawings);
        oneColour(pipeline, drawings);
        times(pipeline, drawings.get(0));
    }

    private static Optional<Drawing> coloured(Pipeline pipeline, Path black, Path colour)
            throws IOException {
        byte[] lines = SvgPicture.png(black, SIDE_PX);
        byte[] twin = SvgPicture.png(colour, SIDE_PX / 2);
        if (lines.length == 0 || twin.length == 0) {
            return Optional.empty();
        }
        Picture rough = PictureReader.read(twin, "rough.png");
        Job job = Job.of(new Source("lines.png", lines)).withPpi(300);
        Drawing drawing =
                RoughFlats.of(
                                pipeline,
                                pipeline.trace(job, Progress.SILENT),
                                rough,
                                false,
                                PressProfile.bundled(),
                                Progress.SILENT)
                        .drawing();
        return drawing.layers().size() < 2 ? Optional.empty() : Optional.of(drawing);
    }

    private static Job spots(Job job) {
        return job.withSwatches(PressPalette.spots(job.swatches(), PressProfile.bundled()));
    }

    private static void registers(Pipeline pipeline, List<Drawing> drawings, double wideMm)
            throws IOException {
        double without = 0;
        double with = 0;
        double worst = 0;
        double heaviest = 0;
        long millis = 0;
        for (Drawing one : drawings) {
            Job job = spots(one.job());
            Drawing drawing = pipeline.run(job, Progress.SILENT);
            PressSection press = PressSection.USUAL.withRegisterMm(REGISTER_MM);
            Goods goods =
                    UsualGoods.UNDECIDED.withSizing(
                            new Sizing(Sizing.Fit.WIDTH, wideMm, wideMm, 300));
            Optional<GoodsFit> fit =
                    Optional.of(
                            GoodsFit.of(
                                    goods,
                                    drawing.extent().widthMm(),
                                    drawing.extent().heightMm()));
            PressSheet bare =
                    PressSheet.of(
                            drawing.withJob(job.withPress(press.withTrapped(false))),
                            fit,
                            Progress.SILENT);
            long start = System.nanoTime();
            PressSheet trapped =
                    PressSheet.of(
                            drawing.withJob(job.withPress(press.withTrapMm(REGISTER_MM))),
                            fit,
                            Progress.SILENT);
            millis += (System.nanoTime() - start) / 1_000_000;
            without += slivers(bare.plain());
            double left = slivers(trapped.plan());
            with += left;
            worst = Math.max(worst, left);
            heaviest = Math.max(heaviest, heaviest(trapped.plan()));
        }
        int n = drawings.size();
        System.out.printf(
                Locale.ROOT,
                "%.0f mm wide, plates %.1f mm off: paper %.2f mm2 without traps, %.4f with, at"
                        + " worst %.4f; at most %.0f %% ink; made ready in %d ms%n",
                wideMm,
                REGISTER_MM,
                without / n,
                with / n,
                worst,
                heaviest,
                millis / n);
    }

    private static double heaviest(PrintPlan plan) {
        List<Laid> laid = PlateWork.of(plan);
        return PlateMaker.of(
                        laid,
                        plan.widthMm(),
                        plan.heightMm(),
                        600,
                        PlateMaker.inks(laid),
                        Progress.SILENT)
                .heaviest();
    }

    /** Paper that shows where two inks meet or black lies over one, for the worst plate and way. */
    private static double slivers(PrintPlan plan) {
        List<Laid> laid = PlateWork.of(plan);
        PlateMap map =
                PlateMaker.map(laid, plan.widthMm(), plan.heightMm(), LOOK_PPI, Progress.SILENT);
        List<Tints> known = map.composites();
        double worst = 0;
        for (Colorant ink : PlateMaker.inks(laid)) {
            boolean[] has = new boolean[known.size()];
            boolean[] others = new boolean[known.size()];
            boolean[] any = new boolean[known.size()];
            for (int i = 0; i < has.length; i++) {
                has[i] = known.get(i).of(ink) > 0;
                others[i] = known.get(i).total() > known.get(i).of(ink);
                any[i] = known.get(i).total() > 0;
            }
            for (int k = 0; k < 8; k++) {
                worst = Math.max(worst, sliver(map, has, others, any, k * Math.PI / 4));
            }
        }
        return worst;
    }

    private static double sliver(
            PlateMap map, boolean[] has, boolean[] others, boolean[] any, double way) {
        int w = map.width();
        int h = map.height();
        double px = REGISTER_MM / 25.4 * map.ppi();
        // Towards the middle: a pixel more would be more than the tolerance.
        int dx = (int) (px * Math.cos(way));
        int dy = (int) (px * Math.sin(way));
        long count = 0;
        for (int y = Math.max(0, dy); y < Math.min(h, h + dy); y++) {
            for (int x = Math.max(0, dx); x < Math.min(w, w + dx); x++) {
                int meant = map.numbers()[y * w + x] & 0xffff;
                if (has[meant] && !others[meant]) {
                    int came = map.numbers()[(y - dy) * w + x - dx] & 0xffff;
                    count += !has[came] && any[came] ? 1 : 0;
                }
            }
        }
        return count * Math.pow(25.4 / map.ppi(), 2);
    }

    private static void inks(List<Drawing> drawings) {
        int compared = 0;
        int worse = 0;
        int better = 0;
        double saved = 0;
        for (Drawing one : drawings) {
            ColourGraph graph = SwatchGraph.of(Artwork.of(one, PressProfile.bundled())).graph();
            for (int inks = 2; inks < Math.min(7, graph.size()); inks++) {
                int[] plain = byColour(graph, inks);
                double alone = cost(graph, plain);
                Merging merging = InkMerger.of(graph, Set.of(), inks);
                double own =
                        cost(graph, merging.into().stream().mapToInt(Integer::intValue).toArray());
                compared++;
                worse += own > alone + 1e-6 ? 1 : 0;
                better += own < alone - 1e-6 ? 1 : 0;
                saved += alone > 0 ? 1 - own / alone : 0;
            }
        }
        System.out.printf(
                Locale.ROOT,
                "fewer inks: %d mergings, %d worse than by colour alone, %d better, %.0f %% less"
                        + " harm at edges as a mean%n",
                compared,
                worse,
                better,
                100 * saved / Math.max(1, compared));
    }

    private static double cost(ColourGraph graph, int[] into) {
        double cost = 0;
        Map<Integer, Double> boundary = new HashMap<>();
        List<Lab> looks = graph.colours();
        for (ColourGraph.Edge edge : graph.edges()) {
            boundary.merge(edge.a(), edge.lengthMm(), Double::sum);
            boundary.merge(edge.b(), edge.lengthMm(), Double::sum);
            double was = DeltaE2000.between(looks.get(edge.a()), looks.get(edge.b()));
            double is = DeltaE2000.between(looks.get(into[edge.a()]), looks.get(into[edge.b()]));
            cost += edge.lengthMm() * Math.max(0, was - is);
        }
        for (int i = 0; i < into.length; i++) {
            cost +=
                    boundary.getOrDefault(i, 0.0)
                            * DeltaE2000.between(looks.get(i), looks.get(into[i]));
        }
        return cost;
    }

    /** Again and again the two most alike, what covers less into what covers more. */
    private static int[] byColour(ColourGraph graph, int inks) {
        int n = graph.size();
        int[] into = new int[n];
        double[] area = new double[n];
        for (int i = 0; i < n; i++) {
            into[i] = i;
            area[i] = graph.squareMm().get(i);
        }
        for (int left = n; left > inks; left--) {
            int from = -1;
            int to = -1;
            double least = Double.MAX_VALUE;
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    if (i == j || into[i] != i || into[j] != j || area[i] > area[j]) {
                        continue;
                    }
                    double d = DeltaE2000.between(graph.colours().get(i), graph.colours().get(j));
                    if (d < least) {
                        least = d;
                        from = i;
                        to = j;
                    }
                }
            }
            area[to] += area[from];
            for (int k = 0; k < n; k++) {
                into[k] = into[k] == from ? to : into[k];
            }
        }
        return into;
    }

    private static void oneColour(Pipeline pipeline, List<Drawing> drawings) throws IOException {
        double least = 1;
        double sum = 0;
        for (Drawing one : drawings) {
            PressSection press = PressSection.USUAL.withOneColour(OneColourRecipe.OFF.withOn(true));
            double kept =
                    PressSheet.of(
                                    one.withJob(one.job().withPress(press)),
                                    Optional.empty(),
                                    Progress.SILENT)
                            .keptShare();
            least = Math.min(least, kept);
            sum += kept;
        }
        System.out.printf(
                Locale.ROOT,
                "one colour: %.2f %% of edges still differ as a mean, %.2f %% at least%n",
                100 * sum / drawings.size(),
                100 * least);
    }

    private static void times(Pipeline pipeline, Drawing drawing) {
        Job job =
                drawing.job()
                        .withPress(
                                PressSection.USUAL
                                        .withRegisterMm(REGISTER_MM)
                                        .withTrapMm(REGISTER_MM));
        PressSheet sheet = PressSheet.of(drawing.withJob(job), Optional.empty(), Progress.SILENT);
        PrintPlan plan = sheet.plan();
        List<Laid> laid = PlateWork.of(plan);
        double ppi = 25.4 * Math.sqrt(19e6 / (plan.widthMm() * plan.heightMm()));
        for (int round = 0; round < 3; round++) {
            long start = System.nanoTime();
            Plates plates =
                    PlateMaker.of(
                            laid,
                            plan.widthMm(),
                            plan.heightMm(),
                            ppi,
                            PlateMaker.inks(laid),
                            Progress.SILENT);
            long made = System.nanoTime();
            PlateMap map =
                    PlateMaker.map(laid, plan.widthMm(), plan.heightMm(), ppi, Progress.SILENT);
            long mapped = System.nanoTime();
            long[] first = {0};
            Rehearsal.of(
                    map,
                    PlateMaker.inks(laid),
                    PressRecipe.of(REGISTER_MM, 1),
                    new InkLook(plan.press()),
                    200,
                    run -> first[0] = first[0] == 0 ? System.nanoTime() : first[0],
                    Progress.SILENT);
            System.out.printf(
                    Locale.ROOT,
                    "%.1f MP, %d inks: plates %d ms, 200 sheets %.1f s, first after %d ms%n",
                    plates.width() * (double) plates.height() / 1e6,
                    plates.inks().size(),
                    (made - start) / 1_000_000,
                    (System.nanoTime() - mapped) / 1e9,
                    (first[0] - mapped) / 1_000_000);
        }
    }
}
