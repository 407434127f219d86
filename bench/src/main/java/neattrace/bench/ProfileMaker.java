package neattrace.bench;

import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import neattrace.press.Cmyk;
import neattrace.press.DeltaE2000;
import neattrace.press.Lab;
import neattrace.press.PressProfile;

/**
 * Makes the press profile that ships with the program: the small public one knows only the way from
 * inks to colours, and output intents want a profile of an output device with the way back (ICC.1:
 * 2001-04, 6.3.3 and 6.5.9). The way back is searched, node by node, within the ink limit.
 */
final class ProfileMaker {

    private static final String SMALL = "CGATS001Compat-v2-micro.icc";
    private static final int NODES = 17;
    private static final double LIMIT = 300;

    /** What differs by less is within what inks reach. */
    private static final double REACHED = 2;

    private ProfileMaker() {}

    /** Writes it to the file of the first argument. */
    public static void main(String[] args) throws IOException {
        byte[] small;
        try (InputStream in = ProfileMaker.class.getResourceAsStream(SMALL)) {
            small = in.readAllBytes();
        }
        Files.write(Path.of(args[0]), of(small));
    }

    private static byte[] of(byte[] small) throws IOException {
        ICC_Profile source = ICC_Profile.getInstance(small);
        byte[] forth = source.getData(ICC_Profile.icSigAToB0Tag);
        Map<String, byte[]> tags = new LinkedHashMap<>();
        tags.put("desc", description("Coated paper, CGATS TR 001"));
        tags.put("cprt", source.getData(ICC_Profile.icSigCopyrightTag));
        tags.put("wtpt", source.getData(ICC_Profile.icSigMediaWhitePointTag));
        for (String intent : List.of("A2B0", "A2B1", "A2B2")) {
            tags.put(intent, forth);
        }
        // The search runs on a profile without the way back.
        PressProfile press = PressProfile.of(profile(small, tags));
        byte[][] nodes = new byte[NODES * NODES * NODES][];
        byte[] gamut = new byte[nodes.length];
        ICC_ColorSpace space = new ICC_ColorSpace(source);
        System.out.printf("paper %.4f%n", space.toCIEXYZ(new float[4])[1]);
        IntStream.range(0, nodes.length)
                .parallel()
                .forEach(
                        i -> {
                            Lab lab = node(i);
                            Cmyk build = press.nearest(lab, LIMIT);
                            nodes[i] =
                                    new byte[] {
                                        share(build.c()),
                                        share(build.m()),
                                        share(build.y()),
                                        share(build.k())
                                    };
                            double off = DeltaE2000.between(press.lab(build), lab);
                            gamut[i] = (byte) (off < REACHED ? 0 : 255);
                        });
        ByteArrayOutputStream back = new ByteArrayOutputStream();
        for (byte[] node : nodes) {
            back.write(node);
        }
        byte[] table = lut8(4, back.toByteArray());
        for (String intent : List.of("B2A0", "B2A1", "B2A2")) {
            tags.put(intent, table);
        }
        tags.put("gamt", lut8(1, gamut));
        return profile(small, tags);
    }

    private static byte share(double percent) {
        return (byte) Math.round(percent * 2.55);
    }

    private static Lab node(int i) {
        double step = 255.0 / (NODES - 1);
        double l = i / (NODES * NODES) * step;
        double a = i / NODES % NODES * step;
        double b = i % NODES * step;
        return new Lab(l / 2.55, a - 128, b - 128);
    }

    /** A table of three inputs (ICC.1:2001-04, 6.5.10); curves are straight. */
    private static byte[] lut8(int outputs, byte[] nodes) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(bytes);
        out.writeBytes("mft1");
        out.writeInt(0);
        out.write(3);
        out.write(outputs);
        out.write(NODES);
        out.write(0);
        for (int k = 0; k < 9; k++) {
            out.writeInt(k % 4 == 0 ? 1 << 16 : 0);
        }
        straight(out, 3);
        out.write(nodes);
        straight(out, outputs);
        return bytes.toByteArray();
    }

    private static void straight(DataOutputStream out, int tables) throws IOException {
        for (int k = 0; k < tables; k++) {
            for (int v = 0; v < 256; v++) {
                out.write(v);
            }
        }
    }

    private static byte[] description(String text) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(bytes);
        out.writeBytes("desc");
        out.writeInt(0);
        byte[] ascii = text.getBytes(StandardCharsets.US_ASCII);
        out.writeInt(ascii.length + 1);
        out.write(ascii);
        out.write(0);
        out.writeInt(0);
        out.writeInt(0);
        out.writeShort(0);
        out.write(0);
        out.write(new byte[67]);
        return bytes.toByteArray();
    }

    private static byte[] profile(byte[] small, Map<String, byte[]> tags) throws IOException {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        ByteArrayOutputStream table = new ByteArrayOutputStream();
        DataOutputStream entries = new DataOutputStream(table);
        entries.writeInt(tags.size());
        int start = 128 + 4 + 12 * tags.size();
        Map<byte[], Integer> known = new IdentityHashMap<>();
        for (Map.Entry<String, byte[]> tag : tags.entrySet()) {
            byte[] data = tag.getValue();
            if (!known.containsKey(data)) {
                known.put(data, start + body.size());
                body.write(data);
                body.write(new byte[(4 - data.length % 4) % 4]);
            }
            entries.writeBytes(tag.getKey());
            entries.writeInt(known.get(data));
            entries.writeInt(data.length);
        }
        byte[] head = Arrays.copyOf(small, 128);
        System.arraycopy("prtr".getBytes(StandardCharsets.US_ASCII), 0, head, 12, 4);
        ByteBuffer.wrap(head).putInt(0, start + body.size());
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.write(head);
        all.write(table.toByteArray());
        all.write(body.toByteArray());
        return all.toByteArray();
    }
}
