package brightplumb.core.garment;

import static brightplumb.core.rule.HemSettings.LENGTH;

import brightplumb.core.lay.Lay;
import brightplumb.core.lay.NotWanted;
import brightplumb.core.lay.Wanted;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The longest a garment can be from a cloth that is there.
 *
 * @param length its length, mm
 * @param lay how it then lies
 * @param stops what keeps it from being longer
 */
public record Longest(double length, Lay lay, String stops) {

    /** It is found within this, mm. */
    private static final double NEAR = 3;

    private static final int TRIES = 200;

    /** A lay of a longer garment may fall better: so much further than the longest that was found is tried, mm. */
    private static final double[] FURTHER = {6, 12, 25, 50, 75};

    /** How often that is tried, so that it takes some seconds at the most. */
    private static final int MOST_FURTHER = 12;

    /** How a length came out: how it lies, or what keeps it from being cut; whether it cannot even be drafted. */
    private record Tried(Lay lay, String stops, boolean drafted) {}

    /**
     * Draws the garment longer and shorter and lays it each time.
     *
     * @param along how much cloth there is, mm; what shrinks away is taken off it
     * @param wanted asked between two tries of a lay
     * @throws Refusal where the cut has no length to choose, nothing of it is cut from this cloth, or not even the
     *     shortest can be cut
     * @throws NotWanted where it is not wanted any more
     */
    public static Longest of(DraftRequest request, Cloth cloth, Lays.Asked asked, double along, Wanted wanted) {
        if (!request.cut().settings().contains(LENGTH)) {
            throw new Refusal(LENGTH.field(), "This cut has no length to choose");
        }
        double low = LENGTH.least();
        double high = LENGTH.most();
        Tried best = null;
        double longest = 0;
        String stops = "its own longest length";
        // What is wanted is tried first, so that there is something to go up or down from.
        double first = Math.max(low, Math.min(high, chosen(request)));
        double at = first;
        while (high - low > NEAR) {
            Tried tried = tried(request, cloth, asked, along, at, wanted);
            if (tried.lay() != null) {
                best = tried;
                longest = at;
                low = at;
            } else if (!tried.drafted() && best == null && at < first) {
                // So short it is no longer a garment.
                low = at;
            } else {
                stops = tried.stops();
                high = at;
            }
            at = (low + high) / 2;
        }
        if (best == null) {
            throw new Refusal(new FieldPath("lay.along"), "Not even the shortest can be cut from this cloth: " + stops);
        }
        return further(new Longest(longest, best.lay(), stops), request, cloth, asked, along, wanted);
    }

    /** Whether a lay fits is no matter of length alone: longer ones are tried beyond the first that does not. */
    private static Longest further(
            Longest found, DraftRequest request, Cloth cloth, Lays.Asked asked, double along, Wanted wanted) {
        Longest longest = found;
        int step = 0;
        for (int i = 0; i < MOST_FURTHER && step < FURTHER.length; i++) {
            double at = longest.length() + FURTHER[step];
            Tried tried = at > LENGTH.most() ? null : tried(request, cloth, asked, along, at, wanted);
            if (tried == null || tried.lay() == null) {
                step++;
            } else {
                longest = new Longest(at, tried.lay(), found.stops());
                step = 0;
            }
        }
        return longest;
    }

    private static double chosen(DraftRequest request) {
        Amount length = Drafting.inspected(request).draft().facts().get(Fact.LENGTH);
        return length == null ? (LENGTH.least() + LENGTH.most()) / 2 : length.value();
    }

    private static Tried tried(
            DraftRequest request, Cloth cloth, Lays.Asked asked, double along, double length, Wanted wanted) {
        Map<Setting, SettingValue> hands = new HashMap<>(request.byHand());
        hands.put(LENGTH, LENGTH.value(length));
        Drafted drafted;
        try {
            drafted = Drafting.draft(new DraftRequest(
                    request.cut(), request.way(), request.sheet(), hands, request.cloth(), request.made()));
        } catch (Refusal cannot) {
            return new Tried(null, cannot.faults().get(0).message(), false);
        }
        Lay lay;
        try {
            lay = Lays.compared(List.of(new Lays.Cutting("", drafted)), cloth, asked.tries(TRIES), wanted);
        } catch (Refusal cannot) {
            return new Tried(null, cannot.faults().get(0).message(), true);
        }
        if (lay.placements().isEmpty()) {
            throw new Refusal(new FieldPath("lay.layer"), "Nothing of this garment is cut from this cloth");
        }
        boolean ends = asked.sheet().isEmpty() && Lays.buy(lay.length(), cloth) > along;
        return ends
                ? new Tried(null, last(drafted, lay) + " reaches the end of the cloth", true)
                : new Tried(lay, "", true);
    }

    /** The piece that lies furthest along. */
    private static String last(Drafted drafted, Lay lay) {
        PieceId piece = lay.placements().stream()
                .max((a, b) -> Double.compare(end(a), end(b)))
                .orElseThrow()
                .piece();
        return drafted.draft().piece(piece).title();
    }

    private static double end(Lay.Placement placement) {
        return placement.outline().stream().mapToDouble(p -> p.x()).max().orElse(0);
    }
}
