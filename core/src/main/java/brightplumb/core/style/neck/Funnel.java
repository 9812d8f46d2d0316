package brightplumb.core.style.neck;

import static brightplumb.core.rule.SleeveSettings.FUNNEL_HEIGHT;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Notches;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Placed;
import brightplumb.core.pattern.Rectangle;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
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

/** A doubled strip that stands at the neck, joined at the centre back. Common practice, no source. */
public final class Funnel implements Operation {

    private static final Fact FUNNEL_LENGTH = new Fact("funnel.length");
    private static final Fact FUNNEL_FOLDED = new Fact("funnel.folded");

    /** The funnel's ends, closed to a ring. */
    public static final Seam ENDS = new Seam("funnel");

    private static final StepId MADE = new StepId("funnel.seam");

    private static final StepId ON = new StepId("funnel");

    private static final EdgeRole UPPER = new EdgeRole("upper", "upper edge");
    private static final EdgeRole LOWER = new EdgeRole("lower", "lower edge");
    private static final EdgeRole END = new EdgeRole("end", "end");
    private static final PieceId FUNNEL = PieceId.of("funnel");

    /** A neck that bends closer than this takes no seam allowance, mm. */
    private static final double LEAST_HOLLOW = 0.55 * Length.INCH;

    private static final int PLACES = 24;

    @Override
    public String id() {
        return "funnel";
    }

    @Override
    public String title() {
        return "Funnel";
    }

    @Override
    public String place() {
        return "neck";
    }

    @Override
    public Rank rank() {
        return Rank.TOP;
    }

    @Override
    public List<Setting> reads() {
        return List.of(FUNNEL_HEIGHT);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(FUNNEL_HEIGHT, Rule.inches(1.5, "Cut {4}, folded to two, {1.5} when it is sewn on."));
    }

    @Override
    public boolean fits(Draft before) {
        return necks(before).size() == 2
                && before.pieces().stream().noneMatch(p -> p.id().equals(FUNNEL))
                && necks(before).get(1).edge(EdgeRole.CENTRE_BACK_ZIP).isEmpty();
    }

    private static double hollowest(Piece piece) {
        return piece.require(EdgeRole.NECK).run().stream()
                .filter(Cubic.class::isInstance)
                .mapToDouble(s -> ((Cubic) s).tightest(PLACES))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static List<Piece> necks(Draft draft) {
        return draft.with(EdgeRole.NECK).stream()
                .filter(p -> p.layer() == Layer.SHELL)
                .toList();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Piece front = necks(before).get(0).ending(EdgeRole.NECK, End.SEWN);
        Piece back = necks(before).get(1).ending(EdgeRole.NECK, End.SEWN);
        if (hollowest(front) < LEAST_HOLLOW || hollowest(back) < LEAST_HOLLOW) {
            throw new Refusal(FieldPath.WITH, "A funnel stands on a round neck; this one is too hollow to sew it to");
        }
        double half = front.require(EdgeRole.NECK).length()
                + back.require(EdgeRole.NECK).length();
        Amount height = table.step(
                FUNNEL_HEIGHT.fact(),
                "Funnel high, finished",
                table.set(FUNNEL_HEIGHT),
                table.set().why(FUNNEL_HEIGHT));
        Amount length = table.step(
                FUNNEL_LENGTH,
                "Funnel long, sewn",
                Amount.found("measured along the neck, half", half).times(2),
                "As long as the neck; where it comes out a little short it is stretched on.");
        Piece strip = Rectangle.of(
                        FUNNEL,
                        "Funnel",
                        Panel.COLLAR,
                        length.value(),
                        2 * height.value(),
                        UPPER,
                        END,
                        LOWER,
                        END,
                        new Copies.Singles(1))
                .placing(new Placed(
                        "fold",
                        "fold",
                        List.of(new Line(Point.of(0, height.value()), Point.of(length.value(), height.value())))));
        table.paper().draw(FUNNEL.toString(), Drawn.Role.OUTLINE, "", strip.sewLine());
        table.step(FUNNEL_FOLDED, "Cut for it, sewn", height.times(2), "Doubled: the fold stands at the top.");
        double high = height.value();
        return table.finished(
                joined(before.pattern().instead(front).instead(back), front, back, strip, half),
                off -> off.down(FUNNEL_HEIGHT.fact(), FUNNEL.toString(), 0, high, 2 * high)
                        .across(FUNNEL_LENGTH, FUNNEL.toString(), 2 * high, 0, length.value())
                        .down(FUNNEL_FOLDED, FUNNEL.toString(), length.value(), 0, 2 * high));
    }

    /** From the centre back over the shoulder to the centre front; the other half is its mirror image. */
    private static Pattern joined(Pattern before, Piece front, Piece back, Piece strip, double half) {
        Run neck = Run.of(Stretch.whole(back, back.require(EdgeRole.NECK)))
                .then(Run.of(Stretch.whole(front, front.require(EdgeRole.NECK))).reversed());
        double whole = strip.require(LOWER).length();
        Run lower = Run.of(new Stretch(FUNNEL, Hand.BOTH, LOWER, 1, 0, half, false));
        Run upper = Run.of(new Stretch(FUNNEL, Hand.BOTH, UPPER, 1, whole - half, whole, true));
        Join set = new Join(Seam.NECK, List.of(neck, lower, upper), 0, Join.Kind.SEWN);
        Join ends = Join.sewn(
                ENDS,
                Run.of(Stretch.whole(strip, strip.require(END, 1))),
                Run.of(Stretch.whole(strip, strip.require(END, 2))).reversed());
        Pattern pattern = before.with(List.of(strip)).joined(List.of(set, ends));
        pattern = Notches.whereMet(pattern, set, 0, (one, next) -> "shoulder");
        return Notches.along(pattern, set, "centre front", half);
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(
                MakingStep.of(
                                MADE,
                                "Funnel, its centre back",
                                Work.FOLD,
                                "Right sides together, into a ring; fold it wrong sides together and press.")
                        .sewing(ENDS)
                        .with("stretch stitch")
                        .after(StepId.MARK),
                MakingStep.of(
                                ON,
                                "Funnel on the neck",
                                Work.BAND,
                                "Right sides together, its seam at the centre back, notches on shoulders and centre "
                                        + "front; stretched on where it is short.",
                                "Both raw edges of the funnel lie on the neck's.")
                        .sewing(Seam.NECK)
                        .looking(List.of(Figure.mm(
                                "half the neck",
                                after.join(Seam.NECK).layers().get(0).length())))
                        .with(set.cloth().stretches() ? "stretch stitch, or overlocked" : "plain seam")
                        .after(MADE)
                        .after(Seam.SHOULDER));
    }
}
