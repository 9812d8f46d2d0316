package brightplumb.core.block.sleeve;

import static brightplumb.core.measure.Measure.SLEEVE_LENGTH;
import static brightplumb.core.measure.Measure.UPPER_ARM_GIRTH;
import static brightplumb.core.measure.Measure.WRIST_GIRTH;
import static brightplumb.core.paper.Drawn.Role.LEVEL;
import static brightplumb.core.paper.Drawn.Role.OUTLINE;
import static brightplumb.core.rule.BodiceSettings.ARMHOLE_SHALLOWER;
import static brightplumb.core.rule.SleeveSettings.*;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Roots;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.LaidOff;
import brightplumb.core.paper.Notice;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Notches;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.Given;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.SleeveFacts;
import brightplumb.core.rule.SleeveSettings;
import brightplumb.core.table.Inspection;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * A sleeve: the bicep solved so that the cap is as long as the armhole and the ease asked, or held where the arm needs
 * it. Common practice, no source.
 */
public final class Sleeve implements Operation {

    private static final Fact LONG = new Fact("sleeve.length");

    /** The underarm of a sleeve. */
    public static final Seam SEAM = new Seam("sleeve");

    private static final StepId UNDERARM = new StepId("sleeve.seam");

    private static final StepId SET = new StepId("sleeve.set");

    public static final EdgeRole CAP = new EdgeRole("cap", "cap");
    public static final EdgeRole FRONT_UNDER = new EdgeRole("under.front", "front underarm seam");
    public static final EdgeRole BACK_UNDER = new EdgeRole("under.back", "back underarm seam");
    public static final PieceId SLEEVE = PieceId.of("sleeve");

    /** Cloth that does not give leaves so much round the upper arm, mm. */
    private static final double ARM_ROOM = 2 * Length.INCH;

    /** A sleeve ends no nearer to its cap, mm. */
    private static final double SHORTEST = 2 * Length.INCH;

    @Override
    public String id() {
        return "sleeve";
    }

    @Override
    public String title() {
        return "Sleeves";
    }

    @Override
    public Rank rank() {
        return Rank.SHAPE;
    }

    @Override
    public List<Setting> reads() {
        return List.of(SLEEVE_LONG, BEYOND_WRIST, SLEEVE_OPENING, CAP_HEIGHT, CAP_EASE);
    }

    @Override
    public List<Measure> measures() {
        return List.of(SLEEVE_LENGTH, UPPER_ARM_GIRTH, WRIST_GIRTH);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                ARMHOLE_SHALLOWER,
                Rule.inches(0, "Under a sleeve the armhole is as deep as its rule says."),
                SLEEVE_LONG,
                Rule.worked(Sleeve::length, "To the wrist, and on where it covers the hand."),
                BEYOND_WRIST,
                Rule.inches(0, "It ends at the wrist."),
                SLEEVE_OPENING,
                Rule.worked(Sleeve::opening, "Round the wrist, with room for the hand to go through."),
                CAP_HEIGHT,
                Rule.inches(0, "A quarter of the armhole as it is sewn."),
                CAP_EASE,
                Rule.worked(
                        given -> Amount.byHabit(given.cloth().stretches() ? 0 : 0.75),
                        "{0.75} to round over the shoulder; none in cloth that gives."));
    }

    private static Amount length(Given given) {
        return given.body()
                .find(SLEEVE_LENGTH)
                .orElseGet(() -> given.body()
                        .find(Measure.STATURE)
                        .orElseThrow()
                        .times(0.34)
                        .called("sleeve, by height")
                        .asEstimate())
                .plus(given.amount(BEYOND_WRIST));
    }

    private static Amount opening(Given given) {
        boolean gives = given.cloth().stretches();
        return given.body()
                .find(WRIST_GIRTH)
                .map(wrist -> wrist.plus(Amount.inches("room for the hand", gives ? 1 : 3)))
                .orElseGet(() -> Amount.byHabit(gives ? 7 : 9));
    }

    @Override
    public boolean fits(Draft before) {
        return armholes(before).size() == 2 && before.pieces().stream().noneMatch(p -> p.id().equals(SLEEVE));
    }

    private static List<Piece> armholes(Draft draft) {
        return draft.with(EdgeRole.ARMHOLE).stream()
                .filter(p -> p.layer() == Layer.SHELL)
                .toList();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Settings set = table.set();
        Piece front = armholes(before).get(0).ending(EdgeRole.ARMHOLE, End.SEWN);
        Piece back = armholes(before).get(1).ending(EdgeRole.ARMHOLE, End.SEWN);
        double armhole = front.require(EdgeRole.ARMHOLE).length()
                + back.require(EdgeRole.ARMHOLE).length();
        Amount round = Amount.found("armhole as sewn", armhole);
        Amount ease =
                table.step(CAP_EASE.fact(), "Cap longer than the armhole", set.amount(CAP_EASE), set.why(CAP_EASE));
        Amount wanted = round.plus(ease);
        Amount height = set.amount(CAP_HEIGHT).value() > 0 ? set.amount(CAP_HEIGHT) : round.over(4);
        Cap cap = solved(table, wanted.value(), height.value());
        table.step(
                (cap.height() == height.value() ? height : Amount.found("solved for the arm", cap.height()))
                        .as(SleeveFacts.CAP_HEIGHT, "cap height"),
                "Cap high",
                set.why(CAP_HEIGHT));
        table.step(
                Amount.found("solved for the cap", 2 * cap.half()).as(SleeveFacts.BICEP, "bicep"),
                "Sleeve across, at the underarm",
                "As wide as makes the cap the armhole's length and its ease; never less than the arm needs.");
        Amount length =
                table.step(LONG, "Sleeve long, from the top of the cap", set.amount(SLEEVE_LONG), set.why(SLEEVE_LONG));
        double hem = length.value() - cap.height();
        if (hem < SHORTEST) {
            throw new Refusal(
                    SleeveSettings.SLEEVE_LONG.field(), "A sleeve ends at least 2 in (5 cm) below the underarm");
        }
        Amount opening = table.step(
                SLEEVE_OPENING.fact(),
                "Sleeve opening",
                set.amount(SLEEVE_OPENING).atMost(Amount.found("the bicep", 2 * cap.half())),
                set.why(SLEEVE_OPENING) + " Never wider than the bicep.");
        Piece sleeve = piece(cap, hem, opening.value() / 2);
        table.paper()
                .draw(SLEEVE.toString(), LEVEL, "", new Line(Point.of(-cap.half(), 0), Point.of(cap.half(), 0)))
                .draw(SLEEVE.toString(), OUTLINE, "", sleeve.sewLine());
        table.step(
                Amount.found("measured along the cap", cap.length()).as(SleeveFacts.CAP_LENGTH, "cap length"),
                "Cap, underarm to underarm",
                "Lower quarters hollow, {0.5} in front and {0.25} behind: the arm moves forward.");
        return table.finished(
                joined(before.pattern().instead(front).instead(back), front, back, sleeve),
                off -> laidOff(off, cap, hem, opening.value() / 2));
    }

    private static void laidOff(LaidOff off, Cap cap, double hem, double half) {
        String sheet = SLEEVE.toString();
        off.down(SleeveFacts.CAP_HEIGHT, sheet, 0, -cap.height(), 0)
                .across(SleeveFacts.BICEP, sheet, 0, -cap.half(), cap.half())
                .down(LONG, sheet, 0, -cap.height(), hem)
                .across(SLEEVE_OPENING.fact(), sheet, hem, -half, half)
                .along(SleeveFacts.CAP_LENGTH, sheet, cap.run());
    }

    /**
     * The bicep for a cap of that height and length; where the arm needs more, the bicep is held and the height found.
     */
    private static Cap solved(Table table, double wanted, double height) {
        boolean gives = table.set().cloth().stretches();
        double arm = table.body()
                        .find(UPPER_ARM_GIRTH)
                        .map(a -> a.value() / (1 + table.set().cloth().stretch()))
                        .orElse(0.0)
                + (table.body().find(UPPER_ARM_GIRTH).isPresent() && !gives ? ARM_ROOM : 0);
        OptionalDouble half =
                Roots.between(wanted / 8, wanted / 2, h -> Cap.of(h, height).length() - wanted);
        if (half.isPresent() && 2 * half.getAsDouble() >= arm) {
            return Cap.of(half.getAsDouble(), height);
        }
        double held = Math.max(arm / 2, wanted / 8);
        OptionalDouble lower =
                Roots.between(wanted / 40, wanted / 2, h -> Cap.of(held, h).length() - wanted);
        if (lower.isEmpty()) {
            throw new Refusal(
                    table.set().byHand(CAP_HEIGHT)
                            ? SleeveSettings.CAP_HEIGHT.field()
                            : Measure.UPPER_ARM_GIRTH.field(),
                    "No cap fits this armhole and this arm; deepen the armhole, or look at the tape round the upper "
                            + "arm");
        }
        table.paper()
                .notice(Notice.of(
                        "bicep-held",
                        "The cap that the armhole asks would be narrower than the arm: the bicep was held, "
                                + "and the cap is lower."));
        return Cap.of(held, lower.getAsDouble());
    }

    private static Piece piece(Cap cap, double hem, double half) {
        Point frontArm = Point.of(-cap.half(), 0);
        Point backArm = Point.of(cap.half(), 0);
        Point frontHem = Point.of(-half, hem);
        Point backHem = Point.of(half, hem);
        return Piece.of(
                SLEEVE,
                "Sleeve",
                Panel.SLEEVE,
                List.of(
                        Edge.of(CAP, cap.run()),
                        Edge.of(BACK_UNDER, List.of(new Line(backArm, backHem))),
                        Edge.of(EdgeRole.HEM, List.of(new Line(backHem, frontHem))),
                        Edge.of(FRONT_UNDER, List.of(new Line(frontHem, frontArm)))),
                new Line(Point.of(0, -cap.height() * 0.5), Point.of(0, hem * 0.8)),
                new Copies.Pairs(1),
                OnBody.NOWHERE);
    }

    private static Pattern joined(Pattern before, Piece front, Piece back, Piece sleeve) {
        Run armholes = Run.of(Stretch.whole(front, front.require(EdgeRole.ARMHOLE)))
                .reversed()
                .then(Run.of(Stretch.whole(back, back.require(EdgeRole.ARMHOLE))));
        Run cap = Run.of(Stretch.whole(sleeve, sleeve.require(CAP)));
        Join set = new Join(Seam.ARMHOLE, List.of(cap, armholes), cap.length() - armholes.length(), Join.Kind.SEWN);
        Join under = Join.sewn(
                SEAM,
                Run.of(Stretch.whole(sleeve, sleeve.require(BACK_UNDER))),
                Run.of(Stretch.whole(sleeve, sleeve.require(FRONT_UNDER))).reversed());
        Pattern pattern = before.with(List.of(sleeve)).joined(List.of(set, under));
        return Notches.whereMet(pattern, set, 1, (one, next) -> "shoulder");
    }

    @Override
    public List<Inspection> checks() {
        return List.of(Inspection.where(SleeveFits.ID, SleeveFits::applies, SleeveFits::of));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(
                MakingStep.of(UNDERARM, "Sleeve seams", Work.SIDE, "Right sides together, underarm and hem first.")
                        .sewing(SEAM)
                        .with(set.cloth().stretches() ? "stretch stitch, or overlocked" : "plain seam, pressed open")
                        .after(StepId.MARK, StepId.NEATEN),
                MakingStep.of(
                                SET,
                                "Set the sleeves",
                                Work.BAND,
                                "Sleeve inside, right sides together: underarm on side seam, notch on shoulder; one "
                                        + "notch in front, two behind.",
                                "Ease the cap in over the shoulder without a pleat; sew from underarm round to "
                                        + "underarm.")
                        .sewing(Seam.ARMHOLE)
                        .with(
                                set.cloth().stretches()
                                        ? "stretch stitch, or overlocked"
                                        : "plain seam, pressed to the sleeve")
                        .after(UNDERARM)
                        .after(Seam.SIDE, Seam.SHOULDER));
    }
}
