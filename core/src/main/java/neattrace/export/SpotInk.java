package neattrace.export;

import java.io.IOException;
import neattrace.press.Rgb;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType2;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceCMYK;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;

/** An ink of its own in a PDF (ISO 32000-1, 8.6.6.4), shown in process inks where it is missing. */
final class SpotInk {

    private SpotInk() {}

    /**
     * All of it.
     *
     * @param name as printers and cutters know it
     * @param screen what it looks like
     */
    static PDColor full(String name, Rgb screen) throws IOException {
        PDSeparation space = new PDSeparation();
        space.setColorantName(name);
        space.setAlternateColorSpace(PDDeviceCMYK.INSTANCE);
        COSDictionary function = new COSDictionary();
        function.setItem(COSName.FUNCTION_TYPE, COSInteger.TWO);
        function.setItem(COSName.DOMAIN, numbers(0, 1));
        function.setItem(COSName.C0, numbers(0, 0, 0, 0));
        function.setItem(
                COSName.C1,
                numbers(1 - screen.r() / 255f, 1 - screen.g() / 255f, 1 - screen.b() / 255f, 0));
        function.setItem(COSName.N, COSInteger.ONE);
        space.setTintTransform(new PDFunctionType2(function));
        return new PDColor(new float[] {1}, space);
    }

    private static COSArray numbers(float... values) {
        COSArray array = new COSArray();
        for (float value : values) {
            array.add(new COSFloat(value));
        }
        return array;
    }
}
