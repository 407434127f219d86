package neattrace.files;

import java.io.IOException;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Writes the entries of zip archives. */
public final class ZipParts {

    private ZipParts() {}

    /** An entry that is compressed. */
    public static void packed(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(bytes);
        zip.closeEntry();
    }

    /** An entry as it is. Pictures are compressed already; storing them keeps writing fast. */
    public static void stored(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        CRC32 check = new CRC32();
        check.update(bytes);
        ZipEntry entry = new ZipEntry(name);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(bytes.length);
        entry.setCrc(check.getValue());
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }
}
