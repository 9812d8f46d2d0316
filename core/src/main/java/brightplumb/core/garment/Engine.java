package brightplumb.core.garment;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/**
 * The name of the engine that drafts. It follows from the text of the golden drafts, and is written when they are, so
 * that an engine which draws otherwise has another name.
 */
public final class Engine {

    /** Twelve hexadecimal letters. */
    public static final String ID = read();

    private Engine() {}

    private static String read() {
        try (InputStream in = Engine.class.getResourceAsStream("engine-id")) {
            return new String(in.readAllBytes(), StandardCharsets.US_ASCII).strip();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
