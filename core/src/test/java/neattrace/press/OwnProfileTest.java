package neattrace.press;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.ColorConvertOp;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import neattrace.testing.Profiles;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Profiles of people's own, colours that ink does not reach, and less ink for the same look. */
class OwnProfileTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    private static boolean reaches(Gamut gamut, Lab lab) {
        return lab.chroma() <= gamut.most(lab.l(), lab.hue());
    }

    private static byte[] with(int at, String word) {
        byte[] bytes = PRESS.bytes();
        for (int i = 0; i < word.length(); i++) {
            bytes[at + i] = (byte) word.charAt(i);
        }
        return bytes;
    }

    @Test
    void theShippedOneIsAPressesAndKnowsBothWays() throws ProfileException {
        ICC_Profile profile = ICC_Profile.getInstance(PRESS.bytes());
        assertThat(profile.getProfileClass()).isEqualTo(ICC_Profile.CLASS_OUTPUT);
        for (int tag :
                new int[] {
                    ICC_Profile.icSigAToB0Tag,
                    ICC_Profile.icSigAToB1Tag,
                    ICC_Profile.icSigBToA0Tag,
                    ICC_Profile.icSigBToA1Tag,
                    ICC_Profile.icSigGamutTag,
                    ICC_Profile.icSigMediaWhitePointTag
                }) {
            assertThat(profile.getData(tag)).as("tag %x", tag).isNotNull();
        }
        assertThat(PressProfile.of(PRESS.bytes())).isEqualTo(PRESS);
        assertThat(PRESS.name()).contains("CGATS TR 001");
    }

    /**
     * The reference engine goes back through the profile's own table: near enough to where it came
     * from.
     */
    @Test
    void theWayBackLeadsNearToWhereOneCameFrom() {
        ICC_ColorSpace space = new ICC_ColorSpace(ICC_Profile.getInstance(PRESS.bytes()));
        double sum = 0;
        int count = 0;
        for (int c = 0; c <= 80; c += 40) {
            for (int m = 0; m <= 80; m += 40) {
                for (int y = 0; y <= 80; y += 40) {
                    Lab there = PRESS.lab(new Cmyk(c, m, y, 0));
                    float[] inks =
                            space.fromCIEXYZ(
                                    new float[] {
                                        (float) there.toXyzD50()[0],
                                        (float) there.toXyzD50()[1],
                                        (float) there.toXyzD50()[2]
                                    });
                    Cmyk back =
                            new Cmyk(
                                    100.0 * inks[0],
                                    100.0 * inks[1],
                                    100.0 * inks[2],
                                    100.0 * inks[3]);
                    sum += DeltaE2000.between(there, PRESS.lab(back));
                    count++;
                }
            }
        }
        assertThat(sum / count).as("mean CIEDE2000").isLessThan(3);
    }

    @ParameterizedTest
    @ValueSource(strings = {"0 0 0 0", "100 0 0 0", "20 70 10 5", "0 0 0 100", "60 40 40 100"})
    void measuredColoursAreThoseOfTheReferenceEngine(String build) {
        double[] inks = Arrays.stream(build.split(" ")).mapToDouble(Double::parseDouble).toArray();
        WritableRaster from = Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, 1, 1, 4, null);
        from.setPixel(0, 0, Arrays.stream(inks).map(one -> one * 655.35).toArray());
        WritableRaster to = Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, 1, 1, 3, null);
        new ColorConvertOp(
                        new ICC_ColorSpace(ICC_Profile.getInstance(PRESS.bytes())),
                        ColorSpace.getInstance(ColorSpace.CS_CIEXYZ),
                        null)
                .filter(from, to);
        int[] xyz = to.getPixel(0, 0, new int[3]);
        double most = 1 + 32767.0 / 32768;
        Lab expected =
                Lab.ofXyzD50(
                        new double[] {
                            most * xyz[0] / 65535, most * xyz[1] / 65535, most * xyz[2] / 65535
                        });
        Lab own = PRESS.lab(new Cmyk(inks[0], inks[1], inks[2], inks[3]));
        assertThat(DeltaE2000.between(own, expected)).isLessThan(0.5);
    }

    @Test
    void whatIsNoPressProfileIsSaidWithItsReason() {
        assertThatThrownBy(() -> PressProfile.of(new byte[10])).hasMessageContaining("no ICC");
        assertThatThrownBy(() -> PressProfile.of(with(16, "RGB "))).hasMessageContaining("RGB");
        assertThatThrownBy(() -> PressProfile.of(with(16, "GRAY"))).hasMessageContaining("grey");
        assertThatThrownBy(() -> PressProfile.of(with(12, "scnr")))
                .hasMessageContaining("no printer");
        byte[] newer = PRESS.bytes();
        newer[8] = 5;
        assertThatThrownBy(() -> PressProfile.of(newer)).hasMessageContaining("version");
        assertThatThrownBy(() -> PressProfile.of(new byte[50 << 20]))
                .hasMessageContaining("larger");
        for (int length : new int[] {130, 500, 9000, 20_000}) {
            assertThatThrownBy(() -> PressProfile.of(Arrays.copyOf(PRESS.bytes(), length)))
                    .isInstanceOf(ProfileException.class);
        }
    }

    /**
     * A thousand profiles with bytes changed: read or refused with a sentence, never anything else.
     */
    @Test
    void brokenProfilesNeverCrash() {
        Random chance = new Random(4);
        for (int i = 0; i < 300; i++) {
            byte[] bytes = PRESS.bytes();
            for (int k = 0; k < 1 + chance.nextInt(8); k++) {
                bytes[chance.nextInt(i % 2 == 0 ? 400 : bytes.length)] = (byte) chance.nextInt();
            }
            try {
                assertThat(PressProfile.of(bytes).preview(Cmyk.PAPER)).isNotNull();
            } catch (ProfileException e) {
                assertThat(e.getMessage()).hasSizeGreaterThan(10).endsWith(".");
            }
        }
    }

    @Test
    void anotherProfileHasItsOwnNameAndPaper() {
        PressProfile other = Profiles.other();
        assertThat(other.name()).startsWith("Boated");
        assertThat(other.isBundled()).isFalse();
        assertThat(other).isNotEqualTo(PRESS).isEqualTo(Profiles.other());
        assertThat(other.paper().l()).isCloseTo(100, within(0.5));
    }

    @Test
    void lessInkKeepsTheLookBetterThanScalingDoes() {
        for (Cmyk heavy :
                List.of(
                        new Cmyk(90, 85, 80, 60),
                        new Cmyk(100, 100, 100, 0),
                        new Cmyk(60, 90, 90, 70))) {
            for (double limit : new double[] {300, 260, 200}) {
                Cmyk less = PRESS.under(heavy, limit);
                assertThat(less.total()).isLessThanOrEqualTo(limit);
                double own = DeltaE2000.between(PRESS.lab(less), PRESS.lab(heavy));
                double scaled =
                        DeltaE2000.between(PRESS.lab(heavy.limitedTo(limit)), PRESS.lab(heavy));
                assertThat(own).isLessThanOrEqualTo(scaled + 1e-6);
            }
        }
        Cmyk light = new Cmyk(10, 20, 30, 0);
        assertThat(PRESS.under(light, 300)).isEqualTo(light);
    }

    @Test
    void whatInkDoesNotReachIsToldWithPrintableNeighbours() {
        Rgb neon = new Rgb(0, 255, 60);
        Reach reach = Reach.of(neon, PRESS, 300);
        assertThat(reach.isSeen()).isTrue();
        assertThat(reach.lost()).contains("duller");
        Gamut gamut = Gamut.of(PRESS, 300);
        assertThat(reaches(gamut, neon.toLab())).isFalse();
        List<Reach> near = gamut.neighbours(neon, PRESS, 300);
        assertThat(near).hasSizeBetween(1, 3);
        assertThat(near.get(0).difference()).isLessThanOrEqualTo(reach.difference() + 1e-9);
        assertThat(near).allMatch(one -> one.build().total() <= 300);
        Rgb grey = new Rgb(150, 150, 148);
        assertThat(Reach.of(grey, PRESS, 300).lost()).isEmpty();
        assertThat(reaches(gamut, grey.toLab())).isTrue();
    }

    @Test
    void everyBuildOfTheGridLiesWithinWhatInkReaches() {
        Gamut gamut = Gamut.of(PRESS, 400);
        for (Cmyk build :
                List.of(
                        new Cmyk(100, 0, 0, 0),
                        new Cmyk(0, 100, 0, 0),
                        new Cmyk(0, 0, 100, 0),
                        new Cmyk(0, 100, 100, 0),
                        new Cmyk(50, 50, 0, 20))) {
            assertThat(reaches(gamut, PRESS.preview(build).toLab())).isTrue();
        }
    }

    @Test
    void inksOfTheirOwnLetThroughWhatTheyWereMeasuredWith() {
        InkLook look = new InkLook(PRESS);
        Lab moss = new Lab(45, -25, 30);
        Colorant ink = Colorant.spot("Moss", moss);
        assertThat(DeltaE2000.between(look.of(Tints.full(ink)), moss)).isLessThan(0.01);
        assertThat(look.of(new Tints(Map.of(ink, 50.0))).l()).isBetween(60.0, 85.0);
        Tints over = Tints.full(ink).with(Colorant.BLACK, 100);
        assertThat(look.of(over).l()).isLessThan(20);
        Rgb onNavy = look.screen(Tints.full(ink), new Rgb(20, 25, 60));
        Rgb onWhite = look.screen(Tints.full(ink).with(Colorant.WHITE, 100), new Rgb(20, 25, 60));
        assertThat(onWhite.toLab().l()).isGreaterThan(onNavy.toLab().l() + 20);
    }
}
