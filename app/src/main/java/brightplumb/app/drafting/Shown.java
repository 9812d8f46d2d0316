package brightplumb.app.drafting;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import java.util.Set;

/**
 * What of a draft is answered.
 *
 * @param remedies whether remedies are looked for
 * @param made whether the pieces that operations made are told
 * @param cut whether it is told how the pieces are cut and made up, and not only what is sewn to what
 */
record Shown(boolean remedies, boolean made, boolean cut, boolean guesses, boolean rivals) {

    private static final Set<String> PARTLY = Set.of("panels", "sewn");

    static Shown of(PreviewRequest request) {
        String pieces = request.pieces();
        if (pieces != null && !PARTLY.contains(pieces)) {
            throw new Refusal(
                    new FieldPath("pieces"), "Pieces are panels, sewn, or all there is to them where nothing is said");
        }
        return new Shown(
                !Boolean.FALSE.equals(request.remedies()),
                !"panels".equals(pieces),
                !"sewn".equals(pieces),
                !Boolean.FALSE.equals(request.guesses()),
                !Boolean.FALSE.equals(request.rivals()));
    }

    /** Whether it takes further drafts to say all that is asked for. */
    boolean draftsAnew() {
        return remedies || guesses || rivals;
    }
}
