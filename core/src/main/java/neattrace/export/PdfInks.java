package neattrace.export;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import neattrace.press.Cmyk;
import neattrace.press.Colorant;
import neattrace.press.InkLook;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Tints;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.function.PDFunction;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType0;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType2;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceCMYK;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceN;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceNAttributes;
import org.apache.pdfbox.pdmodel.graphics.color.PDLab;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;

/**
 * Tints as colours of a PDF: process inks as DeviceCMYK, an ink of its own as Separation, both
 * together as DeviceN (ISO 32000-1, 8.6.4.4, 8.6.6.4 and 8.6.6.5). Where an ink is missing, it is
 * shown by its L*a*b*, or in process inks where the standard wants no other.
 */
final class PdfInks {

    /** A table of more corners is too large; what comes after is shown without the rest. */
    private static final int MOST_CORNERS = 12;

    private static final double LAB_LEAST = -128;
    private static final double LAB_SPAN = 255;

    private final PDDocument document;
    private final PressProfile press;
    private final InkLook look;
    private final boolean lab;
    private final Map<List<Colorant>, PDColorSpace> spaces = new HashMap<>();
    private PDLab labSpace;

    PdfInks(PDDocument document, PressProfile press, PdfStandard standard) {
        this.document = document;
        this.press = press;
        this.look = new InkLook(press);
        this.lab = standard == PdfStandard.X4;
    }

    /** Fills from now on with these tints. */
    void fill(PDPageContentStream content, Tints tints) throws IOException {
        List<Colorant> inks = inks(tints);
        if (inks.stream().allMatch(Colorant::isProcess)) {
            float[] build = build(tints.process());
            content.setNonStrokingColor(build[0], build[1], build[2], build[3]);
        } else {
            content.setNonStrokingColor(colour(inks, tints));
        }
    }

    /** Draws lines from now on with these tints. */
    void stroke(PDPageContentStream content, Tints tints) throws IOException {
        List<Colorant> inks = inks(tints);
        if (inks.stream().allMatch(Colorant::isProcess)) {
            float[] build = build(tints.process());
            content.setStrokingColor(build[0], build[1], build[2], build[3]);
        } else {
            content.setStrokingColor(colour(inks, tints));
        }
    }

    private static float[] build(Cmyk build) {
        return new float[] {
            (float) (build.c() / 100),
            (float) (build.m() / 100),
            (float) (build.y() / 100),
            (float) (build.k() / 100)
        };
    }

    private PDColor colour(List<Colorant> inks, Tints tints) throws IOException {
        float[] parts = new float[inks.size()];
        for (int i = 0; i < parts.length; i++) {
            parts[i] = (float) (tints.of(inks.get(i)) / 100);
        }
        return new PDColor(parts, space(inks));
    }

    private static List<Colorant> inks(Tints tints) {
        List<Colorant> inks = new ArrayList<>();
        tints.percent()
                .forEach(
                        (ink, value) -> {
                            if (value > 0) {
                                inks.add(ink);
                            }
                        });
        inks.sort(Comparator.comparingInt(ink -> ink.isProcess() ? 0 : 1));
        return inks;
    }

    private PDColorSpace space(List<Colorant> inks) throws IOException {
        PDColorSpace known = spaces.get(inks);
        if (known == null) {
            known = inks.size() == 1 ? separation(inks.get(0)) : deviceN(inks);
            spaces.put(inks, known);
        }
        return known;
    }

    private PDSeparation separation(Colorant ink) throws IOException {
        PDSeparation space = new PDSeparation();
        space.setColorantName(ink.name());
        space.setAlternateColorSpace(alternate());
        COSDictionary function = new COSDictionary();
        function.setItem(COSName.FUNCTION_TYPE, COSInteger.TWO);
        function.setItem(COSName.DOMAIN, numbers(0, 1));
        function.setItem(COSName.C0, numbers(shown(Tints.NONE)));
        function.setItem(COSName.C1, numbers(shown(Tints.full(ink))));
        function.setItem(COSName.N, COSInteger.ONE);
        space.setTintTransform(new PDFunctionType2(function));
        return space;
    }

    private PDDeviceN deviceN(List<Colorant> inks) throws IOException {
        PDDeviceN space = new PDDeviceN();
        space.setColorantNames(inks.stream().map(Colorant::name).toList());
        space.setAlternateColorSpace(alternate());
        space.setTintTransform(corners(inks));
        COSDictionary colorants = new COSDictionary();
        for (Colorant ink : inks) {
            if (!ink.isProcess()) {
                colorants.setItem(
                        COSName.getPDFName(ink.name()), space(List.of(ink)).getCOSObject());
            }
        }
        COSDictionary attributes = new COSDictionary();
        attributes.setItem(COSName.COLORANTS, colorants);
        space.setAttributes(new PDDeviceNAttributes(attributes));
        return space;
    }

    /** What all full and missing inks look like together; between them it is read off. */
    private PDFunction corners(List<Colorant> inks) throws IOException {
        int n = inks.size();
        if (n > MOST_CORNERS) {
            throw new IOException("More than " + MOST_CORNERS + " inks lie in one place.");
        }
        int parts = lab ? 3 : 4;
        ByteArrayOutputStream samples = new ByteArrayOutputStream();
        for (int corner = 0; corner < 1 << n; corner++) {
            Map<Colorant, Double> full = new LinkedHashMap<>();
            for (int i = 0; i < n; i++) {
                if ((corner >> i & 1) != 0) {
                    full.put(inks.get(i), 100.0);
                }
            }
            float[] shown = shown(new Tints(full));
            for (int k = 0; k < parts; k++) {
                double share =
                        !lab
                                ? shown[k]
                                : k == 0 ? shown[0] / 100 : (shown[k] - LAB_LEAST) / LAB_SPAN;
                int value = (int) Math.round(65535 * Math.max(0, Math.min(1, share)));
                samples.write(value >> 8);
                samples.write(value);
            }
        }
        COSStream stream = document.getDocument().createCOSStream();
        stream.setItem(COSName.FUNCTION_TYPE, COSInteger.ZERO);
        stream.setItem(COSName.DOMAIN, repeated(n, 0, 1));
        COSArray range = lab ? numbers(0, 100, -128, 127, -128, 127) : repeated(4, 0, 1);
        stream.setItem(COSName.RANGE, range);
        COSArray size = new COSArray();
        for (int i = 0; i < n; i++) {
            size.add(COSInteger.TWO);
        }
        stream.setItem(COSName.SIZE, size);
        stream.setInt(COSName.BITS_PER_SAMPLE, 16);
        try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
            samples.writeTo(out);
        }
        return new PDFunctionType0(stream);
    }

    private float[] shown(Tints tints) {
        Lab seen = look.of(tints);
        if (lab) {
            return new float[] {(float) seen.l(), (float) seen.a(), (float) seen.b()};
        }
        if (tints.total() == 0) {
            return new float[4];
        }
        boolean process = tints.percent().keySet().stream().allMatch(Colorant::isProcess);
        Cmyk build = process ? tints.process() : press.nearest(seen, 300);
        return build(build);
    }

    private PDColorSpace alternate() {
        if (!lab) {
            return PDDeviceCMYK.INSTANCE;
        }
        if (labSpace == null) {
            COSDictionary dictionary = new COSDictionary();
            dictionary.setItem(COSName.WHITE_POINT, numbers(0.9642f, 1, 0.8249f));
            dictionary.setItem(COSName.RANGE, numbers(-128, 127, -128, 127));
            COSArray array = new COSArray();
            array.add(COSName.LAB);
            array.add(dictionary);
            labSpace = new PDLab(array);
        }
        return labSpace;
    }

    private static COSArray repeated(int times, float... values) {
        COSArray array = new COSArray();
        for (int i = 0; i < times; i++) {
            array.addAll(numbers(values));
        }
        return array;
    }

    private static COSArray numbers(float... values) {
        COSArray array = new COSArray();
        for (float value : values) {
            array.add(new COSFloat(value));
        }
        return array;
    }
}
