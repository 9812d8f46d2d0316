package brightplumb.app.drafting;

import brightplumb.core.cutting.GeometryHash;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.measure.Refusal;
import java.nio.charset.StandardCharsets;
import java.util.HexFormat;

/** What tells one draft from another. */
public final class Drafts {

    private Drafts() {}

    /** The lines of a draft as a hash: the same while the same request gives the same pattern. */
    public static String hash(PreviewRequest request) {
        try {
            Drafted drafted = Drafting.draft(request.read());
            return GeometryHash.of(drafted.pieces());
        } catch (Refusal refused) {
            return "refused: " + HexFormat.of().formatHex(refused.getMessage().getBytes(StandardCharsets.UTF_8));
        }
    }
}
