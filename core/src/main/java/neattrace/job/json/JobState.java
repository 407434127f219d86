package neattrace.job.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import neattrace.goods.GoodsJson;
import neattrace.goods.cut.CutInks;
import neattrace.job.Job;

/**
 * A short name for all that files of a job are made of: what is decided about sheet, lines, gaps,
 * colours and press, and which source they are decided about. The same for the same decisions, on
 * any machine; another one as good as always for others (SHA-256, FIPS 180-4, cut to 64 bits).
 */
public final class JobState {

    private static final int DIGITS = 16;
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private JobState() {}

    /** The state of a job in the size of its scan. */
    public static String of(Job job) {
        return of(job, 0);
    }

    /**
     * The same in the size of some goods, which files of them are made of besides.
     *
     * @param goods id of the goods; 0 for the size of the scan
     */
    public static String of(Job job, int goods) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("source", job.source().name()).put("bytes", job.source().bytes().length);
        root.put("page", job.source().opening().page()).put("ppi", job.ppi());
        SheetJson.write(job.recipe(), root.putObject("sheet"));
        LineJson.write(job.line(), root.putObject("line"));
        CloseJson.write(job.close(), root.putObject("close"));
        ColourJson.write(job.colour(), root.putObject("colour"));
        PressJson.write(job.press(), root.putObject("press"));
        job.goods()
                .of(goods)
                .ifPresent(
                        one -> {
                            ObjectNode on = root.putObject("on");
                            GoodsJson.write(one.goods().withName("goods"), on);
                            on.put("weightsKept", one.weightsKept());
                            ObjectNode sticker = on.putObject("sticker");
                            StickerJson.write(one.sticker(), sticker);
                            MakingsJson.write(one.making(), on);
                            // What was written before there were such decisions is still the same.
                            if (one.sticker().pieces().isEmpty()) {
                                sticker.remove("pieces");
                            }
                            if (one.sticker().inks().equals(CutInks.USUAL)) {
                                sticker.remove(List.of("cutInk", "throughInk"));
                            }
                        });
        try {
            byte[] hash =
                    MessageDigest.getInstance("SHA-256").digest(MAPPER.writeValueAsBytes(root));
            return HexFormat.of().formatHex(hash).substring(0, DIGITS);
        } catch (JsonProcessingException | NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }
}
