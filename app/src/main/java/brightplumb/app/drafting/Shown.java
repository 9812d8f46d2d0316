package brightplumb.app.drafting;

import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.measure.Refusal;
import java.util.Set;

/**
 * What of a draft is answered.
 *
 * @param remedies whether remedies are looked for
 * @param made whether the pieces that operations made are told
 * @param cut whether it is told how the pieces are cut and made up, and not only what is sewn to what
 * @param said whether anything is said of it: workings, checks, amounts in force
 */
record Shown(boolean remedies, boolean made, boolean cut, boolean guesses, boolean rivals, boolean said) {

    private static final Set<String> PARTLY = Set.of("panels", "sewn", "drawn");

    /** What is drawn anew under the hand: the line, and nothing that can wait until the hand rests. */
    static final Shown WHILE_CHANGING = new Shown(false, true, false, false, false, false);

    /** All that a changed ticket says once the hand rests, but for what is measured against other drafts. */
    static final Shown AT_REST = new Shown(false, true, true, false, false, true);

    static Shown of(PreviewRequest request) {
        String pieces = request.pieces();
        if (pieces != null && !PARTLY.contains(pieces)) {
            throw new Refusal(
                    "pieces", "Pieces are panels, sewn, drawn, or all there is to them where nothing is said");
        }
        if ("drawn".equals(pieces)) {
            return WHILE_CHANGING;
        }
        return new Shown(
                !Boolean.FALSE.equals(request.remedies()),
                !"panels".equals(pieces),
                !"sewn".equals(pieces),
                !Boolean.FALSE.equals(request.guesses()),
                !Boolean.FALSE.equals(request.rivals()),
                true);
    }

    /** A garment drafted as far as that is asked. */
    Drafted drafted(DraftRequest request) {
        return said ? Drafting.draft(request) : Drafting.drawn(request);
    }
}
