package neattrace.export;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Calendar;
import java.util.TimeZone;
import java.util.UUID;
import javax.xml.transform.TransformerException;
import neattrace.press.PressProfile;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.apache.xmpbox.XMPMetadata;
import org.apache.xmpbox.schema.AdobePDFSchema;
import org.apache.xmpbox.schema.XMPBasicSchema;
import org.apache.xmpbox.schema.XMPMediaManagementSchema;
import org.apache.xmpbox.schema.XMPSchema;
import org.apache.xmpbox.xml.XmpSerializer;

/** What a PDF says of itself, as ISO 15930-1 (6.3, 6.4) and ISO 15930-7 (6.3, 6.4) want it. */
final class PdfMetadata {

    private static final String PRODUCER = "Neat Trace";
    private static final String PDFX_ID = "http://www.npes.org/pdfx/ns/id/";

    private PdfMetadata() {}

    /**
     * Writes it.
     *
     * @param standard what is promised; null for no promise to printers
     * @param trapped whether traps were made or none are needed
     */
    static void write(PDDocument document, String title, PdfStandard standard, boolean trapped)
            throws IOException {
        Calendar now = Calendar.getInstance(TimeZone.getTimeZone("UTC"));
        now.set(Calendar.MILLISECOND, 0);
        PDDocumentInformation information = document.getDocumentInformation();
        information.setTitle(title.isBlank() ? "Drawing" : title);
        information.setCreator(PRODUCER);
        information.setProducer(PRODUCER);
        information.setCreationDate(now);
        information.setModificationDate(now);
        information.setTrapped(trapped ? "True" : "False");
        if (standard == PdfStandard.X1A) {
            information.setCustomMetadataValue("GTS_PDFXVersion", "PDF/X-1:2001");
            information.setCustomMetadataValue("GTS_PDFXConformance", standard.label());
        }
        if (standard == PdfStandard.X4) {
            PDMetadata metadata =
                    new PDMetadata(
                            document,
                            new ByteArrayInputStream(packet(information.getTitle(), now, trapped)));
            document.getDocumentCatalog().setMetadata(metadata);
        }
    }

    private static byte[] packet(String title, Calendar now, boolean trapped) throws IOException {
        XMPMetadata xmp = XMPMetadata.createXMPMetadata();
        xmp.createAndAddDublinCoreSchema().setTitle(title);
        XMPBasicSchema basic = xmp.createAndAddXMPBasicSchema();
        basic.setCreatorTool(PRODUCER);
        basic.setCreateDate(now);
        basic.setModifyDate(now);
        basic.setMetadataDate(now);
        AdobePDFSchema pdf = xmp.createAndAddAdobePDFSchema();
        pdf.setProducer(PRODUCER);
        pdf.setTextPropertyValueAsSimple("Trapped", trapped ? "True" : "False");
        XMPMediaManagementSchema media = xmp.createAndAddXMPMediaManagementSchema();
        media.setDocumentID("uuid:" + UUID.randomUUID());
        media.setVersionID("1");
        media.setRenditionClass("default");
        XMPSchema id = new XMPSchema(xmp, PDFX_ID, "pdfxid", "PDF/X identification");
        id.setTextPropertyValueAsSimple("GTS_PDFXVersion", "PDF/X-4");
        xmp.addSchema(id);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            new XmpSerializer().serialize(xmp, out, true);
        } catch (TransformerException e) {
            throw new IOException("The PDF's description could not be written.", e);
        }
        return out.toByteArray();
    }

    /** The press the inks are meant for. */
    static void intent(PDDocument document, PressProfile press) throws IOException {
        PDOutputIntent intent = new PDOutputIntent(new COSDictionary());
        // The bytes as they are: the platform's own profiles are written anew by it.
        PDStream profile =
                new PDStream(
                        document, new ByteArrayInputStream(press.bytes()), COSName.FLATE_DECODE);
        profile.getCOSObject().setInt(COSName.N, 4);
        intent.getCOSObject().setItem(COSName.TYPE, COSName.OUTPUT_INTENT);
        intent.getCOSObject().setItem(COSName.DEST_OUTPUT_PROFILE, profile);
        if (press.isBundled()) {
            intent.setInfo("Coated paper, CGATS 001");
            intent.setOutputCondition("Commercial offset, coated paper");
            intent.setOutputConditionIdentifier("CGATS TR 001");
            // Only what is registered has a registry (ISO 32000-1, table 365).
            intent.setRegistryName("http://www.color.org");
        } else {
            String name = press.name().isEmpty() ? "A press profile of the customer" : press.name();
            intent.setInfo(name);
            intent.setOutputCondition(name);
            intent.setOutputConditionIdentifier("Custom");
        }
        // Printers look for their own kind (ISO 15930).
        intent.getCOSObject().setItem(COSName.S, COSName.getPDFName("GTS_PDFX"));
        document.getDocumentCatalog().addOutputIntent(intent);
    }
}
