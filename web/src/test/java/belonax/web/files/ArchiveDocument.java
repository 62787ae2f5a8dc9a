package belonax.web.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.zip.ZipFile;

/** The document of an archive, for tests that compare rooms. */
public final class ArchiveDocument {
    static final String NAME = "belonax.json";

    private ArchiveDocument() {}

    static String of(Path archive) {
        try (ZipFile zip = new ZipFile(archive.toFile())) {
            byte[] document = zip.getInputStream(zip.getEntry(NAME)).readAllBytes();
            return new String(document, StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Returns all but when it was written. */
    public static String withoutTime(Path archive) {
        return of(archive).replaceAll("\"madeAt\" : \"[^\"]*\"", "");
    }
}
