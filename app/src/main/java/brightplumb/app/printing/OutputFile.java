package brightplumb.app.printing;

import java.io.IOException;
import java.io.OutputStream;

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
}
