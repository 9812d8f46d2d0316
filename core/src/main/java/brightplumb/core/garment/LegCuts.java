package brightplumb.core.garment;

import static brightplumb.core.measure.Measure.ANKLE_GIRTH;
import static brightplumb.core.measure.Measure.BACK_HIP_ARC;
import static brightplumb.core.measure.Measure.BODY_RISE;
import static brightplumb.core.measure.Measure.BUST_SPAN;
import static brightplumb.core.measure.Measure.CROTCH_LENGTH;
import static brightplumb.core.measure.Measure.FRONT_HIP_ARC;
import static brightplumb.core.measure.Measure.HIP_DEPTH;
import static brightplumb.core.measure.Measure.HIP_GIRTH;
import static brightplumb.core.measure.Measure.INSIDE_LEG;
import static brightplumb.core.measure.Measure.KNEE_DEPTH;
import static brightplumb.core.measure.Measure.KNEE_GIRTH;
import static brightplumb.core.measure.Measure.OUTSIDE_LEG;
import static brightplumb.core.measure.Measure.THIGH_GIRTH;
import static brightplumb.core.measure.Measure.WAIST_GIRTH;
import static brightplumb.core.rule.AllowanceSettings.*;
import static brightplumb.core.rule.BandSettings.*;
import static brightplumb.core.rule.ClosureSettings.*;
import static brightplumb.core.rule.CrotchSettings.*;
import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.DrawnSettings.ELASTIC_WIDTH;
import static brightplumb.core.rule.ElasticSettings.*;
import static brightplumb.core.rule.HemSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.LegSettings.*;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.fixed;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.ScoopSettings.BAG_DEEP;
import static brightplumb.core.rule.ScoopSettings.SCOOP_ACROSS;
import static brightplumb.core.rule.ScoopSettings.SCOOP_DOWN;
import static brightplumb.core.rule.WaistSettings.*;
import static java.util.Map.entry;

import brightplumb.core.making.Sequence;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.rule.AllowanceHabit;
import brightplumb.core.rule.BandPlace;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Given;
import brightplumb.core.rule.LegShape;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.WaistFinish;
import brightplumb.core.rule.Way;
import brightplumb.core.rule.Ways;
import brightplumb.core.working.Amount;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * The trousers and shorts of the catalogue: each a way, and the amounts in which it differs. Common practice, no
 * source.
 */
final class LegCuts {

    /** What legs that end above the knee are drafted from. */
    static final List<Measure> SHORT = List.of(
            WAIST_GIRTH,
            HIP_DEPTH,
            HIP_GIRTH,
            FRONT_HIP_ARC,
            BACK_HIP_ARC,
            BODY_RISE,
            CROTCH_LENGTH,
            THIGH_GIRTH,
            KNEE_DEPTH,
            KNEE_GIRTH);
    /** What legs of any length are drafted from. */
    static final List<Measure> LONG = List.of(
            WAIST_GIRTH,
            HIP_DEPTH,
            HIP_GIRTH,
            FRONT_HIP_ARC,
            BACK_HIP_ARC,
            BODY_RISE,
            CROTCH_LENGTH,
            THIGH_GIRTH,
            KNEE_DEPTH,
            KNEE_GIRTH,
            ANKLE_GIRTH,
            OUTSIDE_LEG,
            INSIDE_LEG);

    private static final Rule RISE_AND_AN_INCH = worked(
            given -> given.body().find(BODY_RISE).orElseThrow().plus(Amount.inches("deeper than the rise", 1)),
            "Wide legs hang {1} deeper than the rise.");
    private static final Rule STRAIGHT = chosen(LegShape.STRAIGHT, "Straight down from the crotch line.");
    private static final Rule SHORTS = shortLeg(17, "{17} below the waist.");
    private static final Rule FORK_AND_TWO = worked(
            given -> given.amount(FRONT_EXTENSION).plus(Amount.inches("beyond the front", 2)), "{2} beyond the front.");
    private static final Rule NONE = inches(0, "None on this cut.");

    private static final Map<Setting, Rule> TAILORED_SHORTS_AMOUNTS = Map.ofEntries(
            entry(
                    THIGH,
                    worked(given -> given.body().find(THIGH_GIRTH).orElseThrow(), "The bare thigh is the garment's.")),
            entry(
                    KNEE,
                    worked(given -> given.body().find(KNEE_GIRTH).orElseThrow(), "The bare knee is the garment's.")),
            entry(
                    HEM,
                    worked(
                            given -> given.amount(KNEE)
                                    .plus(given.amount(BACK_LEG_ADD))
                                    .plus(given.amount(BACK_SIDE_ADD)),
                            "Half the knee in front, {2} more behind.")),
            entry(HIP_EASE, inches(0, "Drafted on the bare body; the side seam is wide.")),
            entry(WAIST_EASE, inches(0, "Drafted on the bare body.")),
            entry(HIP_ALLOCATION, inches(0, "Front and back alike at the hip.")),
            entry(CROTCH_DEPTH, worked(given -> given.body().hip().over(4), "A quarter of the hip.")),
            entry(HIP_ABOVE_CROTCH, inches(2, "The hip line {2} above the crotch line.")),
            entry(
                    FRONT_EXTENSION,
                    worked(
                            given -> given.amount(THIGH)
                                    .over(2)
                                    .minus(given.body().hip().over(4))
                                    .atLeast(given.body().hip().over(20)),
                            "What half the garment's thigh is wider than the hip quarter, and a twentieth of the hip "
                                    + "at least.")),
            entry(BACK_EXTENSION, FORK_AND_TWO),
            entry(FRONT_HIP_OUT, inches(0.25, "{0.25} out at the hip, for the belly.")),
            entry(CENTRE_FRONT_DROP, inches(1, "{1} down in front, for the short rise.")),
            entry(CENTRE_FRONT_IN, NONE),
            entry(SIDE_RISE, NONE),
            entry(DART_INTAKE_FRONT, inches(0, "No front dart.")),
            entry(BACK_IN, inches(1, "{1} in at the centre back.")),
            entry(BACK_HIP_IN, NONE),
            entry(BACK_RISE, inches(2, "{2} up at the centre back.")),
            entry(DART_INTAKE_BACK, inches(1, "One dart of {1}.")),
            entry(DART_PLACE_BACK, inches(5, "{5} from the centre back.")),
            entry(DART_LENGTH_BACK, inches(6, "{6}, towards the seat.")),
            entry(LEG_SHAPE, STRAIGHT),
            entry(SIDE_IN, inches(1, "The side {1} in at the hem, the hem laid from there.")),
            entry(BACK_LEG_ADD, inches(1, "{1} outside the front.")),
            entry(BACK_SIDE_ADD, inches(1, "{1} outside the front.")));

    private static final Map<Setting, Rule> DRAWCORD_SHORTS_AMOUNTS = Map.ofEntries(
            entry(HEM, worked(given -> given.amount(THIGH), "As wide as the garment's thigh.")),
            entry(HIP_EASE, inches(4, "{1} in each quarter, at the side.")),
            entry(HIP_ALLOCATION, inches(0, "Front and back alike at the hip.")),
            entry(CROTCH_DEPTH, worked(given -> given.body().find(BODY_RISE).orElseThrow(), "As deep as the rise.")),
            entry(
                    FRONT_EXTENSION,
                    worked(given -> given.body().hip().over(4).over(4), "A quarter of the hip quarter.")),
            entry(BACK_EXTENSION, FORK_AND_TWO),
            entry(CENTRE_FRONT_DROP, NONE),
            entry(CENTRE_FRONT_IN, NONE),
            entry(BACK_IN, worked(given -> given.body().bustSpan().over(4), "A quarter of the bust span.")),
            entry(
                    BACK_HIP_IN,
                    worked(
                            given -> given.amount(BACK_IN),
                            "Hip and waist are laid off from there alike, so that the side is not dented.")),
            entry(BACK_RISE, worked(given -> given.amount(FRONT_EXTENSION), "As far up as the front fork goes out.")),
            entry(LEG_SHAPE, chosen(LegShape.TAPE, "The hem by the thigh, centred on the crease.")),
            entry(BACK_LEG_ADD, inches(1, "{1} outside the front.")),
            entry(BACK_SIDE_ADD, inches(1, "{1} outside the front.")));

    static final List<Cut> ALL = List.of(
            legs(
                            "classic-trousers",
                            "Classic trousers",
                            "Full length, fitted at the waist, tapered to the knee and straight from there.",
                            Group.TROUSERS,
                            "house",
                            LONG,
                            Map.of(LEG_SHAPE, chosen(LegShape.TAPERED, "In one sweep to the knee, then to the hem.")))
                    .made(Operations.FLY, Operations.STRAIGHT_BAND),
            legs(
                            "palazzo",
                            "Palazzo",
                            "Wide and straight from the crotch line, {1} deeper than the rise.",
                            Group.TROUSERS,
                            "house",
                            LONG,
                            Map.of(
                                    CROTCH_DEPTH, RISE_AND_AN_INCH,
                                    LEG_SHAPE, STRAIGHT,
                                    CLOSURE, chosen(Closure.CENTRE_BACK_ZIP, "Out of sight and flat.")))
                    .made(Operations.ZIP, Operations.STRAIGHT_BAND),
            legs(
                            "shorts-block",
                            "Shorts block",
                            "The long leg cut {17} below the waist.",
                            Group.SHORTS,
                            "house",
                            SHORT,
                            Map.of(LENGTH, SHORTS))
                    .made(Operations.FLY, Operations.STRAIGHT_BAND),
            legs(
                            "tailored-shorts",
                            "Tailored shorts",
                            "By thigh and knee, the hem laid from the side; a zip in the left side.",
                            Group.SHORTS,
                            "house",
                            SHORT,
                            Map.ofEntries(
                                    entry(LENGTH, shortLeg(19, "{19}, above the knee.")),
                                    entry(SCOOP_ACROSS, inches(3, "{3} in from the side.")),
                                    entry(SCOOP_DOWN, inches(6, "{6} down it.")),
                                    entry(BAG_DEEP, inches(11, "A bag {11} deep.")),
                                    entry(CLOSURE, chosen(Closure.SIDE_ZIP, "In the left side.")),
                                    entry(LET_OUT, inches(1, "{1} more at the side than is sewn.")),
                                    entry(HEM_ALLOWANCE, inches(1.5, "{0.5} and {1}."))))
                    .recipe(Way.byTheRecipe(
                            Ways.of(Ways.LEGS, "house"),
                            "By thigh and knee, straight from the bare tape; the hem laid from the side.",
                            TAILORED_SHORTS_AMOUNTS))
                    .made(Operations.ZIP, Operations.SCOOP_POCKET, Operations.FLAT_BANDS)
                    .sewn(Sequence.SIDES_LAST),
            legs(
                            "drawcord-shorts",
                            "Drawcord shorts",
                            "As wide at the waist as at the hip, on elastic and a cord; a turned-up hem.",
                            Group.SHORTS,
                            "house",
                            withSpan(),
                            Map.ofEntries(
                                    entry(WAIST_FINISH, chosen(WaistFinish.GATHERED, "As wide as the hip, drawn up.")),
                                    entry(WAIST_EASE, NONE),
                                    entry(BAND_PLACE, chosen(BandPlace.INCLUDED, "The band finishes at the waist.")),
                                    entry(BAND_HEIGHT, inches(2, "A band {2} high.")),
                                    entry(LENGTH, shortLeg(18, "{18} to the fold of the turn-up.")),
                                    entry(SCOOP_ACROSS, inches(2.5, "{2.5} in from the side.")),
                                    entry(SCOOP_DOWN, inches(4, "{4} down it.")),
                                    entry(ELASTIC_WIDTH, inches(1.75, "{1.75} wide.")),
                                    entry(TURN_UP_JOIN, inches(0.5, "The turn-up's join lies {0.5} above its fold.")),
                                    entry(CLOSURE, chosen(Closure.NONE, "It is pulled on."))))
                    .recipe(Way.byTheRecipe(
                            Ways.of(Ways.LEGS, "house"),
                            "{1} of ease at each side, the back laid from the bust span, the hem by the thigh.",
                            DRAWCORD_SHORTS_AMOUNTS))
                    .made(
                            Operations.FALSE_FLY,
                            Operations.SCOOP_POCKET,
                            Operations.STRAIGHT_BAND,
                            Operations.TURN_UP,
                            Operations.ELASTIC,
                            Operations.DRAWCORD)
                    .sewn(Sequence.PANELS_FIRST),
            legs(
                            "lounge-shorts",
                            "Lounge shorts",
                            "By the two arcs, straight and loose, on soft elastic.",
                            Group.SHORTS,
                            "house",
                            SHORT,
                            Map.ofEntries(
                                    entry(LENGTH, SHORTS),
                                    entry(
                                            ELASTIC,
                                            worked(
                                                    given -> given.body()
                                                            .waist()
                                                            .minus(Amount.inches("soft elastic", 5)),
                                                    "Soft elastic is {5 to 8} shorter than the waist.")),
                                    entry(WAIST_FINISH, chosen(WaistFinish.GATHERED, "As wide as the hip, drawn up.")),
                                    entry(CLOSURE, chosen(Closure.NONE, "It is pulled on.")),
                                    entry(WAIST_ALLOWANCE, inches(2, "A casing for {1} of elastic.")),
                                    entry(SIDE_ALLOWANCE, inches(0.5, "{0.5} at every seam.")),
                                    entry(HEM_ALLOWANCE, inches(1, "{1} turned."))))
                    .recipe(Way.byTheRecipe(
                            Ways.of(Ways.LEGS, "arc"),
                            "Each half from its own arc of the tape; straight and loose.",
                            Map.of()))
                    .made(Operations.CASING, Operations.ELASTIC, Operations.HEM_TRIM)
                    .sewn(Sequence.CROTCH_FIRST),
            legs(
                            "box-fold-palazzo",
                            "Box-fold palazzo",
                            "Wide legs with a box fold let into each front, under a shaped band.",
                            Group.TROUSERS,
                            "house",
                            LONG,
                            Map.of(
                                    CROTCH_DEPTH, RISE_AND_AN_INCH,
                                    LEG_SHAPE, STRAIGHT,
                                    CLOSURE, chosen(Closure.CENTRE_BACK_ZIP, "Out of sight and flat."),
                                    ZIP_LENGTH, inches(9, "{9}."),
                                    ZIP_ALLOWANCE, inches(1.5, "{1.5} beside the zip.")))
                    .recipe(Way.byTheRecipe(Ways.of(Ways.LEGS, "sixteenth"), "The palazzo by sixteenths.", Map.of()))
                    .made(Operations.BOX_FOLD, Operations.ZIP, Operations.SCOOP_POCKET, Operations.SHAPED_BAND)
                    .sewn(RecipeOrders.BOX_FOLD_PALAZZO),
            legs(
                            "flap-pocket-shorts",
                            "Flap-pocket shorts",
                            "The shorts block in centimetres, a zip in the left side; a shaped band, and patch "
                                    + "pockets with flaps.",
                            Group.SHORTS,
                            "house",
                            SHORT,
                            Map.of(
                                    LENGTH, SHORTS,
                                    ALLOWANCES,
                                            chosen(AllowanceHabit.METRIC, "A centimetre at seams, four at the hem."),
                                    CLOSURE, chosen(Closure.SIDE_ZIP, "In the left side."),
                                    BAND_HEIGHT, fixed(Length.cm(5), "Five centimetres high, finished."),
                                    ZIP_LENGTH, fixed(Length.cm(20), "Twenty centimetres, down through the band.")))
                    .made(Operations.ZIP, Operations.PATCH_POCKET, Operations.SHAPED_BAND)
                    .sewn(RecipeOrders.FLAP_POCKET_SHORTS));

    private LegCuts() {}

    /**
     * A length that is right on a grown woman's leg, in proportion on another, and never so short that no leg is left.
     */
    private static Rule shortLeg(double inches, String why) {
        return worked(
                given -> given.inProportion(Amount.byHabit(inches))
                        .atLeast(given.amount(CROTCH_DEPTH).plus(Amount.inches("least leg, and a turn-up", 4))),
                why + " " + Given.IN_PROPORTION);
    }

    private static Cut legs(
            String id,
            String title,
            String about,
            Group group,
            String way,
            List<Measure> measures,
            Map<Setting, Rule> defaults) {
        return Cut.of(id, title, about, group, Parts.LEGS, way, measures, defaults);
    }

    private static List<Measure> withSpan() {
        return Stream.concat(SHORT.stream(), Stream.of(BUST_SPAN)).toList();
    }
}
