package brightplumb.core.garment;

import static brightplumb.core.measure.Measure.ACROSS_BACK;
import static brightplumb.core.measure.Measure.ARMHOLE_GIRTH;
import static brightplumb.core.measure.Measure.BUST_GIRTH;
import static brightplumb.core.measure.Measure.KNEE_DEPTH;
import static brightplumb.core.measure.Measure.KNEE_GIRTH;
import static brightplumb.core.measure.Measure.NECK_GIRTH;
import static brightplumb.core.measure.Measure.SHOULDER_TO_BUST;
import static brightplumb.core.measure.Measure.SHOULDER_TO_FLOOR;
import static brightplumb.core.measure.Measure.SHOULDER_TO_HIP;
import static brightplumb.core.measure.Measure.SHOULDER_TO_KNEE;
import static brightplumb.core.measure.Measure.SHOULDER_TO_WAIST;
import static brightplumb.core.measure.Measure.SHOULDER_WIDTH;
import static brightplumb.core.measure.Measure.STATURE;
import static brightplumb.core.measure.Measure.VERTICAL_TRUNK;
import static brightplumb.core.measure.Measure.WAIST_TO_FLOOR;
import static brightplumb.core.rule.AllowanceSettings.HEM_ALLOWANCE;
import static brightplumb.core.rule.AllowanceSettings.SIDE_ALLOWANCE;
import static brightplumb.core.rule.BodiceSettings.BACK_NECK_DEPTH;
import static brightplumb.core.rule.BodiceSettings.BODICE_WAY;
import static brightplumb.core.rule.BodiceSettings.BUST_EASE;
import static brightplumb.core.rule.BodiceSettings.FRONT_NECK_DEPTH;
import static brightplumb.core.rule.BodiceSettings.NECK_WIDTH;
import static brightplumb.core.rule.ClosureSettings.ZIP_LENGTH;
import static brightplumb.core.rule.CrotchSettings.BACK_EXTENSION;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;
import static brightplumb.core.rule.CrotchSettings.FORK_DROP;
import static brightplumb.core.rule.CrotchSettings.FRONT_EXTENSION;
import static brightplumb.core.rule.CrotchSettings.HIP_ABOVE_CROTCH;
import static brightplumb.core.rule.HemSettings.LENGTH;
import static brightplumb.core.rule.HipSettings.HIP_ALLOCATION;
import static brightplumb.core.rule.HipSettings.HIP_EASE;
import static brightplumb.core.rule.LegSettings.BACK_LEG_ADD;
import static brightplumb.core.rule.LegSettings.BACK_SIDE_ADD;
import static brightplumb.core.rule.LegSettings.HEM;
import static brightplumb.core.rule.LegSettings.KNEE;
import static brightplumb.core.rule.LegSettings.LEG_SHAPE;
import static brightplumb.core.rule.LegSettings.SIDE_IN;
import static brightplumb.core.rule.LegSettings.THIGH;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.ScoopSettings.BAG_DEEP;
import static brightplumb.core.rule.ScoopSettings.FACING_HEIGHT;
import static brightplumb.core.rule.ScoopSettings.SCOOP_ACROSS;
import static brightplumb.core.rule.ScoopSettings.SCOOP_DOWN;
import static brightplumb.core.rule.SleeveSettings.SLEEVE_LONG;
import static brightplumb.core.rule.SleeveSettings.SLEEVE_OPENING;
import static brightplumb.core.rule.WaistSettings.WAIST_EASE;
import static java.util.Map.entry;

import brightplumb.core.making.Sequence;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.rule.BodiceWay;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Given;
import brightplumb.core.rule.LegShape;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Way;
import brightplumb.core.rule.Ways;
import brightplumb.core.working.Amount;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The jumpsuits and playsuits of the catalogue: legs with a bodice above them. Common practice, no source. */
final class JumpsuitCuts {

    /** A garment that hangs from the shoulder is taped down from the shoulder first. */
    private static final List<Measure> DOWN_FROM_THE_SHOULDER =
            List.of(SHOULDER_TO_BUST, SHOULDER_TO_WAIST, SHOULDER_TO_HIP, SHOULDER_TO_KNEE, SHOULDER_TO_FLOOR);

    /** What a bodice over legs is drafted from beside what the legs are. */
    private static final List<Measure> BODICE =
            List.of(BUST_GIRTH, SHOULDER_WIDTH, ACROSS_BACK, ARMHOLE_GIRTH, NECK_GIRTH, VERTICAL_TRUNK, STATURE);

    private static final Map<Setting, Rule> PLAYSUIT_AMOUNTS = Map.ofEntries(
            entry(BODICE_WAY, chosen(BodiceWay.BENCH, "The armhole is laid off from the level line.")),
            entry(HIP_EASE, inches(4, "{1} in each quarter.")),
            entry(HIP_ALLOCATION, inches(0, "Both panels alike.")),
            entry(WAIST_EASE, inches(2, "{0.5} in each quarter.")),
            entry(BUST_EASE, inches(0, "A quarter of the bare bust.")),
            entry(
                    CROTCH_DEPTH,
                    worked(
                            given -> given.body().hip().over(4).plus(Amount.inches("deeper", 1.5)),
                            "A quarter of the hip and {1.5}.")),
            entry(
                    HIP_ABOVE_CROTCH,
                    inches(
                            2,
                            "The recipe lays the hip off on the crotch line itself; the curve begins {2} above it, and "
                                    + "so does the side.")),
            entry(FRONT_EXTENSION, worked(given -> given.body().hip().over(16), "A sixteenth of the hip.")),
            entry(
                    BACK_EXTENSION,
                    worked(
                            given -> given.amount(FRONT_EXTENSION).plus(Amount.inches("beyond the front", 2)),
                            "{2} beyond the front.")),
            entry(FORK_DROP, inches(0, "The back fork lies level with the front's.")),
            entry(LEG_SHAPE, chosen(LegShape.STRAIGHT, "Straight from the crotch line to the hem.")),
            entry(SIDE_IN, inches(0.5, "The side {0.5} in at the hem, the hem laid from there.")),
            entry(BACK_LEG_ADD, inches(2, "The fork's {2} are carried to the hem.")),
            entry(BACK_SIDE_ADD, inches(0, "The sides are drawn alike.")),
            entry(
                    KNEE,
                    worked(
                            given -> given.body().find(KNEE_GIRTH).orElseThrow().plus(given.amount(BACK_LEG_ADD)),
                            "Half the bare knee in front, {2} more behind.")),
            entry(HEM, worked(given -> given.amount(KNEE), "Half the bare knee in front, {2} more behind.")));

    private static final Map<Setting, Rule> SWEEP_AMOUNTS = Map.ofEntries(
            entry(BODICE_WAY, chosen(BodiceWay.BENCH, "The armhole is laid off from the level line.")),
            entry(HIP_EASE, inches(0, "A quarter of the bare hip.")),
            entry(
                    WAIST_EASE,
                    inches(
                            4,
                            "A quarter of the waist and a dart of {1}, which the opened panel swallows: it is not "
                                    + "sewn.")),
            entry(
                    CROTCH_DEPTH,
                    worked(
                            given -> given.body().hip().over(4).plus(Amount.inches("deeper", 3.5)),
                            "A quarter of the hip and {3.5}.")),
            entry(FRONT_EXTENSION, worked(given -> given.body().hip().over(20), "A twentieth of the hip.")),
            entry(BACK_EXTENSION, worked(given -> given.body().hip().over(10), "A tenth of the hip.")));

    private static final Cut SWEEP = Cut.of(
                    "sweep-jumpsuit",
                    "Sweep jumpsuit",
                    "In one from neck to floor, opened from the bust point down so that it swings; a zip behind.",
                    Group.ONE_PIECE,
                    Parts.LEGS_BELOW,
                    "house",
                    with(LegCuts.LONG, WAIST_TO_FLOOR, Measure.BUST_SPAN),
                    Map.ofEntries(
                            entry(
                                    LENGTH,
                                    worked(
                                            JumpsuitCuts::toTheFloor,
                                            "To the floor in the shoes that will be worn, less {1} to walk.")),
                            entry(LEG_SHAPE, chosen(LegShape.STRAIGHT, "Straight down from the crotch line.")),
                            entry(HIP_EASE, inches(4, "{4}: it falls clear of hip and thigh.")),
                            entry(NECK_WIDTH, Rule.inProportion(Amount.byHabit(3.5), "{3.5}, half the width.")),
                            entry(FRONT_NECK_DEPTH, Rule.inProportion(Amount.byHabit(4), "{4} in front.")),
                            entry(BACK_NECK_DEPTH, Rule.inProportion(Amount.byHabit(1), "{1} down behind.")),
                            entry(FACING_HEIGHT, inches(3, "{3} deep.")),
                            entry(SIDE_ALLOWANCE, inches(1, "{1}, to let out.")),
                            entry(HEM_ALLOWANCE, inches(0.5, "{0.5}: so round a hem takes no more."))))
            .and(Parts.BODICE)
            .made(Operations.SWEEP, Operations.ZIP, Operations.FACING, Operations.FLAT_COLLAR)
            .in(new Cloth(0, 1500, false, false))
            .sewn(Sequence.SIDES_LAST)
            .recipe(Way.byTheRecipe(
                    Ways.of(Ways.LEGS, "quarter"),
                    "By quarters, a quarter of the hip and {3.5} deep; the hem rides up by what the dart takes.",
                    SWEEP_AMOUNTS));

    private static final Map<Setting, Rule> PEPLUM_AMOUNTS = Map.ofEntries(
            entry(BODICE_WAY, chosen(BodiceWay.BENCH, "The armhole is laid off from the level line.")),
            entry(HIP_EASE, inches(2, "{0.5} in each quarter.")),
            entry(HIP_ALLOCATION, inches(0, "Front and back alike.")),
            entry(
                    CROTCH_DEPTH,
                    worked(
                            given -> given.body().find(Measure.BODY_RISE).orElseThrow(),
                            "As deep as the rise, as taped.")),
            entry(
                    HEM,
                    worked(
                            given -> given.body()
                                    .find(Measure.ANKLE_GIRTH)
                                    .orElseThrow()
                                    .times(1.25)
                                    .plus(Amount.inches("back wider", 2)),
                            "A quarter more than the ankle, to pass the heel; the back {2} wider.")));

    private static final Cut PEPLUM = Cut.of(
                    "peplum-jumpsuit",
                    "Peplum jumpsuit",
                    "Legs and a lined bodice, seamed at the waist; an elastic top edge off the shoulder with a circle "
                            + "peplum, a long zip behind.",
                    Group.ONE_PIECE,
                    Parts.LEGS_BELOW,
                    "house",
                    with(LegCuts.LONG, Measure.BUST_SPAN, Measure.TOP_EDGE_GIRTH),
                    Map.ofEntries(
                            entry(HIP_EASE, inches(2.5, "{2.5}: it is sat in without a waist that gives.")),
                            entry(ZIP_LENGTH, inches(8.5, "{8.5} into the legs.")),
                            entry(SCOOP_ACROSS, Rule.inProportion(Amount.byHabit(1.5), "{1.5} in from the side.")),
                            entry(SCOOP_DOWN, Rule.inProportion(Amount.byHabit(7), "{7} down the hip curve.")),
                            entry(
                                    BAG_DEEP,
                                    worked(
                                            given -> given.amount(CROTCH_DEPTH)
                                                    .plus(Amount.inches("below the crotch line", 1)),
                                            "Down to below the crotch line.")),
                            entry(HEM_ALLOWANCE, inches(2, "{2} turned."))))
            .and(Parts.BODICE_ABOVE)
            .made(Operations.ZIP, Operations.PEPLUM, Operations.BODICE_LINING, Operations.SCOOP_POCKET)
            .sewn(Sequence.LEG_FIRST)
            .recipe(Way.byTheRecipe(
                            Ways.of(Ways.LEGS, "sixteenth"),
                            "The fork a quarter of the hip quarter, the back {2} more; thigh, knee and hem by the "
                                    + "tape.",
                            PEPLUM_AMOUNTS)
                    .finding(FORK_DROP));

    static final List<Cut> ALL = List.of(
            SWEEP,
            PEPLUM,
            Cut.of(
                            "sleeved-playsuit",
                            "Sleeved playsuit",
                            "In one from neck to knee, with sleeves, pockets in the sides, a zip behind and a belt.",
                            Group.ONE_PIECE,
                            Parts.LEGS_BELOW,
                            "house",
                            with(LegCuts.SHORT),
                            Map.ofEntries(
                                    entry(
                                            LENGTH,
                                            worked(
                                                    given -> given.body()
                                                            .find(KNEE_DEPTH)
                                                            .orElseThrow()
                                                            .atLeast(given.amount(CROTCH_DEPTH)
                                                                    .plus(Amount.inches("least leg", 4))),
                                                    "Down to the knee.")),
                                    entry(LEG_SHAPE, chosen(LegShape.TAPERED, "In one sweep to the hem at the knee.")),
                                    entry(
                                            KNEE,
                                            worked(
                                                    given -> given.body()
                                                            .find(KNEE_GIRTH)
                                                            .orElseThrow()
                                                            .plus(Amount.inches("room at the knee", 4))
                                                            .atLeast(given.amount(THIGH)),
                                                    "{4} of room round the knee, and no narrower than the thigh.")),
                                    entry(
                                            HEM,
                                            worked(given -> given.amount(KNEE), "As wide at the hem as at the knee.")),
                                    entry(NECK_WIDTH, Rule.inProportion(Amount.byHabit(3), "Half of {6}.")),
                                    entry(BACK_NECK_DEPTH, Rule.inProportion(Amount.byHabit(1), "{1} down behind.")),
                                    entry(
                                            FRONT_NECK_DEPTH,
                                            Rule.inProportion(Amount.byHabit(6), "Opened to {6} in front.")),
                                    entry(FACING_HEIGHT, inches(3, "{3} deep.")),
                                    entry(SLEEVE_LONG, Rule.inProportion(Amount.byHabit(12.5), "To the elbow.")),
                                    entry(SLEEVE_OPENING, Rule.inProportion(Amount.byHabit(14), "{14} round.")),
                                    entry(SIDE_ALLOWANCE, inches(0.5, "{0.5}.")),
                                    entry(HEM_ALLOWANCE, inches(1, "{1} turned."))))
                    .and(Parts.BODICE)
                    .made(
                            Operations.ZIP,
                            Operations.SLEEVE,
                            Operations.FACING,
                            Operations.IN_SEAM_POCKET,
                            Operations.BELT)
                    .sewn(Sequence.SIDES_LAST)
                    .recipe(Way.byTheRecipe(
                            Ways.of(Ways.LEGS, "house"),
                            "A quarter of the hip and {1.5} deep, a sixteenth for the fork, {2} more behind.",
                            PLAYSUIT_AMOUNTS)));

    private JumpsuitCuts() {}

    private static Amount toTheFloor(Given given) {
        return given.body()
                .find(WAIST_TO_FLOOR)
                .map(floor -> floor.minus(Amount.inches("clear of the floor", 1)))
                .orElseThrow(() -> new Refusal(List.of(
                        new Refusal.Fault(
                                WAIST_TO_FLOOR.field(),
                                "Waist to floor is needed for a hem at the floor; take it, or shoulder to floor, or "
                                        + "the outside leg"),
                        new Refusal.Fault(LENGTH.field(), "Say how long it is, or take waist to floor"))));
    }

    private static List<Measure> with(List<Measure> legs, Measure... more) {
        return Stream.of(DOWN_FROM_THE_SHOULDER.stream(), legs.stream(), BODICE.stream(), Stream.of(more))
                .flatMap(measures -> measures)
                .toList();
    }
}
