package brightplumb.core.block.waist;

import static brightplumb.core.rule.ClosureSettings.ZIP_LENGTH;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Notice;
import brightplumb.core.paper.Paper;
import brightplumb.core.paper.Remedy;
import java.util.Map;

/** What a cutter should know about an opening at the waist, whatever hangs below it. */
public final class WaistNotices {

    private static final double ZIP_ABOVE_HIP = Length.INCH * 1.5;

    private WaistNotices() {}

    /** An opening that ends high above the hip line strains at its end, even where it is long enough to get in. */
    public static void zipEnd(Paper paper, double ends, double hipY, double top) {
        if (hipY - ends > ZIP_ABOVE_HIP + 0.5) {
            paper.notice(new Notice(
                    "zip-ends-high",
                    "The zip ends more than 1½ in (4 cm) above the hip line; its end will strain when she gets in.",
                    new Remedy("Bring it down to the hip line", Map.of(ZIP_LENGTH.key(), hipY - top))));
        }
    }
}
