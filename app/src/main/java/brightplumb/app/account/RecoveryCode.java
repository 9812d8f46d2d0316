package brightplumb.app.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Locale;

/**
 * A code that opens an account whose password is lost, as no mail leaves the machine. It has 128 bits and is used once;
 * only its hash is kept, and a plain one will do, since nobody guesses it.
 */
final class RecoveryCode {

    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int BYTES = 16;
    private static final int GROUP = 4;

    private RecoveryCode() {}

    /** Returns a new code as it is written down: eight groups of four letters and digits. */
    static String create() {
        byte[] random = new byte[BYTES];
        RANDOM.nextBytes(random);
        return HexFormat.of().formatHex(random).replaceAll("(.{" + GROUP + "})(?!$)", "$1-");
    }

    /** Returns the hash of a code, however it was typed: with or without its dashes, in capitals or not. */
    static String hash(String code) {
        String plain = code.toLowerCase(Locale.ROOT).replaceAll("[^0-9a-f]", "");
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(plain.getBytes(StandardCharsets.US_ASCII)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
