package brightplumb.app.printing;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file that is written as it is sent, so that no more of it is held than has not been read. */
@FunctionalInterface
public interface OutputFile {

    /**
     * Writes the file.
     *
     * @param out where it is written; it is not closed
     * @throws IOException when its reader has gone
     */
    void writeTo(OutputStream out) throws IOException;

    /** Returns a file of text. */
    static OutputFile text(String written) {
        return out -> out.write(written.getBytes(StandardCharsets.UTF_8));
    }

    /** Returns the answer that shows this file in the browser, or saves it under a name. */
    default ResponseEntity<OutputFile> named(String name, String ending, MediaType type) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name + "." + ending, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(this);
    }

    /** Returns the answer that shows this PDF in the browser, or saves it under a name. */
    default ResponseEntity<OutputFile> pdf(String name) {
        return named(name, "pdf", MediaType.APPLICATION_PDF);
    }
}
