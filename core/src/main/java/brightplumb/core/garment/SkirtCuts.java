package brightplumb.core.garment;

import static brightplumb.core.measure.Measure.*;
import static brightplumb.core.rule.AllowanceSettings.*;
import static brightplumb.core.rule.BandSettings.*;
import static brightplumb.core.rule.ClosureSettings.*;
import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.HemSettings.*;
import static brightplumb.core.rule.HipSettings.HIP_EASE;
import static brightplumb.core.rule.LiningSettings.LINING;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.WaistSettings.*;
import static java.util.Map.entry;

import brightplumb.core.making.Sequence;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.rule.AllowanceHabit;
import brightplumb.core.rule.BandPlace;
import brightplumb.core.rule.CentreBackShape;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Given;
import brightplumb.core.rule.HouseHabits;
import brightplumb.core.rule.Lined;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Seat;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Stride;
import brightplumb.core.working.Amount;
import java.util.List;
import java.util.Map;

/** The skirts of the catalogue: each a way, and the amounts in which it differs. Common practice, no source. */
final class SkirtCuts {

    private static final List<Measure> PLAIN =
            List.of(WAIST_GIRTH, HIP_DEPTH, HIP_GIRTH, FRONT_HIP_ARC, BACK_HIP_ARC, BUST_GIRTH, BUST_SPAN);
    private static final List<Measure> TO_THE_KNEE =
            List.of(WAIST_GIRTH, HIP_DEPTH, HIP_GIRTH, FRONT_HIP_ARC, BACK_HIP_ARC, KNEE_DEPTH, BUST_GIRTH, BUST_SPAN);
    private static final Cloth KNIT = new Cloth(0.4, 1500, true, false);

    private static final Rule KNEE_LENGTH = worked(given -> knee(given), "To the middle of the knee.");

    static final List<Cut> ALL = List.of(
            skirt(
                            "straight-skirt",
                            "Straight skirt",
                            "From the waist over the hip and straight down, or tapered to a pencil line.",
                            "house",
                            PLAIN,
                            Map.of())
                    .made(Operations.ZIP, Operations.STRAIGHT_BAND),
            skirt(
                            "slit-pencil",
                            "Slit pencil",
                            "A straight skirt brought in to a pencil, with a slit to step by.",
                            "house",
                            PLAIN,
                            Map.of(
                                    HEM_TAPER, inches(1.5, "In at each side of the hem."),
                                    CENTRE_BACK_HEM, inches(1, "In at the centre back, joined to the hip."),
                                    ZIP_LENGTH,
                                            worked(
                                                    given -> Amount.byHabit(7).atLeast(HouseHabits.toGetIn(given)),
                                                    "{7}, or as long as getting in asks."),
                                    SLIT, inches(8, "{8} at knee length, to step by.")))
                    .made(Operations.ZIP, Operations.SLIT, Operations.STRAIGHT_BAND)
                    .sewn(RecipeOrders.SLIT_PENCIL),
            skirt(
                            "seat-shaped-skirt",
                            "Seat-shaped skirt",
                            "To the knee, shaped in under the seat, with cloth to let out at the side.",
                            "allocated",
                            TO_THE_KNEE,
                            Map.of(
                                    LENGTH, KNEE_LENGTH,
                                    CENTRE_BACK_SHAPE,
                                            chosen(CentreBackShape.UNDER_SEAT, "In under the seat, by its size."),
                                    SIDE_ALLOWANCE, inches(0.5, "{0.5} sewn."),
                                    LET_OUT, inches(0.5, "And {0.5}, waist to hem, to be let out later."),
                                    BAND_PLACE, chosen(BandPlace.INCLUDED, "The band finishes at the waist."),
                                    BAND_HEIGHT, inches(1.5, "A band of {2}, less {0.5} for its seam.")))
                    .made(Operations.ZIP, Operations.STRAIGHT_BAND),
            skirt(
                            "darted-pencil",
                            "Darted pencil",
                            "By quarters, the side raised and the back dropped.",
                            "quarter",
                            PLAIN,
                            Map.of(
                                    CENTRE_FRONT_DROP, inches(0, "The centre front stays level."),
                                    SIDE_RISE,
                                            inches(
                                                    0.75,
                                                    "Over the side of the hip the way is longer than down the middle."),
                                    CENTRE_BACK_DROP, inches(0.5, "For the hollow of the back."),
                                    ZIP_ALLOWANCE, inches(2, "{2} behind, to shape once more at the fitting."),
                                    SIDE_ALLOWANCE, inches(0.5, "{0.5}; the seams are not let out.")))
                    .made(Operations.ZIP, Operations.STRAIGHT_BAND),
            skirt(
                            "round-back-pencil",
                            "Round-back pencil",
                            "By quarters, the centre back shaped round the seat.",
                            "quarter",
                            PLAIN,
                            Map.of(
                                    DART_LENGTH_FRONT, toAboveHip("front dart", 2),
                                    DART_LENGTH_BACK, toAboveHip("back dart", 2),
                                    CENTRE_BACK_SHAPE,
                                            chosen(
                                                    CentreBackShape.ROUND,
                                                    "In at the waist, upright over the seat, in again at the hem."),
                                    SIDE_RISE, inches(0, "The side stays level."),
                                    HEM_TAPER, inches(1.5, "In at each side of the hem."),
                                    HEM_ALLOWANCE, inches(1, "{1} turned.")))
                    .made(Operations.ZIP, Operations.FACING),
            skirt(
                            "half-block-skirt",
                            "Half-block skirt",
                            "Front and back side by side on half the hip, the drop over several darts.",
                            "halfblock",
                            PLAIN,
                            Map.of(
                                    ALLOWANCES,
                                    chosen(
                                            AllowanceHabit.EIGHTHS,
                                            "{0.5} at seams, {0.75} at the centre back, {1.25} at the hem.")))
                    .made(Operations.ZIP, Operations.KICK_FOLD, Operations.STRAIGHT_BAND),
            skirt(
                            "knit-pencil",
                            "Knit pencil",
                            "Pulled on: no dart and no zip, cut at body measure.",
                            "quarter",
                            PLAIN,
                            Map.ofEntries(
                                    entry(DART_INTAKE_FRONT, inches(0, "The cloth gives; no dart is needed.")),
                                    entry(DART_INTAKE_BACK, inches(0, "The cloth gives; no dart is needed.")),
                                    entry(TAPER_START, inches(2, "The hip's width is kept {2} further down.")),
                                    entry(HEM_TAPER, inches(1.5, "In at each side of the hem.")),
                                    entry(CLOSURE, chosen(Closure.NONE, "It is pulled on.")),
                                    entry(
                                            WAIST_EASE,
                                            worked(
                                                    SkirtCuts::passesTheHip,
                                                    "Wide enough for the hip to go through; the band draws it in.")),
                                    entry(BAND_PLACE, chosen(BandPlace.INCLUDED, "The band finishes at the waist.")),
                                    entry(SIDE_ALLOWANCE, inches(0.5, "{0.5} is drafted.")),
                                    entry(
                                            SIDE_SEWN_IN,
                                            inches(
                                                    0.5,
                                                    "Sewn {1} from the edge, {0.5} inside the line: a closer fit.")),
                                    entry(ALLOWANCES, chosen(AllowanceHabit.KNIT, "{1.5} at the hem."))))
                    .made(Operations.STRAIGHT_BAND)
                    .in(KNIT)
                    .sewn(Sequence.SIDES_LAST),
            skirt(
                            "lined-pencil",
                            "Lined pencil",
                            "The back hollowed to below the seat; made with a lining of the same shape.",
                            "allocated",
                            TO_THE_KNEE,
                            Map.of(
                                    LENGTH, KNEE_LENGTH,
                                    DART_LENGTH_FRONT, inches(6, "Long front darts, for a flat front."),
                                    LINING,
                                            chosen(
                                                    Lined.PANEL,
                                                    "Each panel bagged with its lining before it is seamed."),
                                    SIDE_ALLOWANCE, inches(1.5, "{0.5} for the lining's seam, {1} for the side.")))
                    .made(Operations.ZIP, Operations.STRAIGHT_BAND, Operations.LINING)
                    .sewn(RecipeOrders.LINED_PENCIL),
            skirt(
                            "ankle-pencil",
                            "Ankle pencil",
                            "Long and high-waisted, narrowest above the knee, with a slit to walk by.",
                            "house",
                            List.of(
                                    WAIST_GIRTH,
                                    HIP_DEPTH,
                                    HIP_GIRTH,
                                    FRONT_HIP_ARC,
                                    BACK_HIP_ARC,
                                    KNEE_DEPTH,
                                    OUTSIDE_LEG,
                                    BUST_GIRTH,
                                    BUST_SPAN),
                            Map.ofEntries(
                                    entry(LENGTH, worked(SkirtCuts::ankle, "To the ankle.")),
                                    entry(WAIST_EASE, inches(1, "Room under a high waist.")),
                                    entry(
                                            CENTRE_FRONT_DROP,
                                            inches(0.5, "Undropped, cloth stands in folds under the front waist.")),
                                    entry(DART_LENGTH_FRONT, toAboveHip("front dart", 2)),
                                    entry(DART_LENGTH_BACK, toAboveHip("back dart", 1.25)),
                                    entry(HEM_TAPER_FRONT, inches(1, "In at the side from the knee down.")),
                                    entry(HEM_TAPER_BACK, inches(0.5, "The centre back takes the rest.")),
                                    entry(
                                            CENTRE_BACK_HEM,
                                            worked(
                                                    SkirtCuts::centreAtKnee,
                                                    "In at the centre back from the knee down, more for a full seat.")),
                                    entry(
                                            KNEE_LEVEL,
                                            worked(
                                                    given -> knee(given).minus(Amount.inches("above the knee", 2)),
                                                    "Narrowest {2} above the knee, straight from there.")),
                                    entry(
                                            SLIT,
                                            worked(
                                                    SkirtCuts::toWalkBy,
                                                    "{18} at ankle length, or as long as a step asks."))))
                    .made(Operations.ZIP, Operations.SLIT, Operations.STRAIGHT_BAND));

    private SkirtCuts() {}

    private static Cut skirt(
            String id, String title, String about, String way, List<Measure> measures, Map<Setting, Rule> defaults) {
        return Cut.of(id, title, about, Group.SKIRTS, Parts.SKIRT, way, measures, defaults);
    }

    private static Rule toAboveHip(String what, double inches) {
        return worked(
                given -> given.hipDepth().minus(Amount.inches(what + " short of the hip", inches)),
                "Darts stop a set distance above the hip.");
    }

    /**
     * What the waist must be wider than the tape for the hip to go through it as sewn, stretched; nothing where it goes
     * through anyway.
     */
    private static Amount passesTheHip(Given given) {
        return given.body()
                .hip()
                .over(1 + given.cloth().stretch())
                .plus(given.amount(SIDE_SEWN_IN).times(4))
                .minus(given.body().waist())
                .notBelowZero();
    }

    /**
     * Eighteen inches, or up to where the step no longer asks for more than the side, straight from the hip to its
     * narrowest, gives.
     */
    private static Amount toWalkBy(Given given) {
        Amount habit = Amount.byHabit(18);
        double hem = given.amount(LENGTH).value();
        double from = given.hipDepth().value() + given.amount(TAPER_START).value();
        double narrow = Math.min(hem, given.amount(KNEE_LEVEL).value());
        double hip = given.body().hip().value() + given.amount(HIP_EASE).value();
        double taken = 2
                * (given.amount(HEM_TAPER_FRONT).value()
                        + given.amount(HEM_TAPER_BACK).value()
                        + given.amount(CENTRE_BACK_HEM).value());
        Stride stride = Stride.of(given.body(), given.amount(STRIDE));
        double give = 1 + given.cloth().stretch();
        double opens = hem;
        while (opens > stride.midThigh()) {
            double share = Math.max(0, Math.min(1, (opens - from) / (narrow - from)));
            if ((hip - taken * share) * give >= stride.needs(opens)) {
                break;
            }
            opens -= Length.INCH / 2;
        }
        return habit.atLeast(Amount.found("as a step asks", hem - opens + Length.INCH / 2));
    }

    private static Amount knee(Given given) {
        return given.body().find(KNEE_DEPTH).orElseThrow();
    }

    private static Amount ankle(Given given) {
        return given.body()
                .find(OUTSIDE_LEG)
                .orElseGet(() -> Amount.inches("usual waist to ankle", 37).asEstimate());
    }

    private static Amount centreAtKnee(Given given) {
        return Amount.byHabit(given.settings().choice(SEAT, Seat.class) == Seat.FULL ? 1 : 0.5);
    }
}
