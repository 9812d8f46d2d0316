package brightplumb.core.cutting;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.nio.ByteBuffer;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;

/**
 * What tells one pattern from another: a hash of its lines and nothing else, no name and no word. Pieces are taken by
 * the order of their ids; of each the sewn line, the cut line, darts, marks and the grain, every coordinate rounded to
 * a thousandth of a millimetre.
 */
public final class GeometryHash {

    /**
     * The order and rounding above; another way of hashing takes another sign, and hashes of two signs are never
     * compared.
     */
    private static final String SIGN = "g1:";

    private static final double FINEST = 1000;

    private final MessageDigest digest = sha256();
    private final ByteBuffer number = ByteBuffer.allocate(Long.BYTES);

    private GeometryHash() {}

    /** The hash of a garment's pieces: {@code g1:} and 64 hexadecimal digits. */
    public static String of(List<CutPiece> pieces) {
        GeometryHash hash = new GeometryHash();
        pieces.stream()
                .sorted(Comparator.comparing((CutPiece p) -> p.piece().id().toString()))
                .forEach(hash::piece);
        return SIGN + HexFormat.of().formatHex(hash.digest.digest());
    }

    /** Whether a hash was made as today's are, so that a difference between them means another pattern. */
    public static boolean comparable(String hash) {
        return hash.startsWith(SIGN);
    }

    private void piece(CutPiece cut) {
        run(cut.piece().sewLine());
        run(cut.cutLine());
        count(cut.piece().darts().size());
        cut.piece().darts().forEach(dart -> {
            point(dart.inner());
            point(dart.point());
            point(dart.outer());
        });
        count(cut.piece().marks().size());
        cut.piece().marks().forEach(mark -> {
            count(mark.count());
            point(mark.at());
        });
        point(cut.piece().grain().from());
        point(cut.piece().grain().to());
    }

    private void run(List<Segment> run) {
        count(run.size());
        for (Segment segment : run) {
            point(segment.from());
            if (segment instanceof Cubic cubic) {
                point(cubic.c1());
                point(cubic.c2());
            }
            point(segment.to());
        }
    }

    private void point(Point p) {
        count(Math.round(p.x() * FINEST));
        count(Math.round(p.y() * FINEST));
    }

    private void count(long value) {
        number.clear();
        digest.update(number.putLong(value).array());
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
