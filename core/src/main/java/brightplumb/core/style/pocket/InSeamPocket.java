package brightplumb.core.style.pocket;

import static brightplumb.core.rule.ScoopSettings.BAG_DEEP;
import static brightplumb.core.rule.ScoopSettings.BAG_WIDE;
import static brightplumb.core.rule.ScoopSettings.MOUTH;
import static brightplumb.core.rule.ScoopSettings.MOUTH_DOWN;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Hand;
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
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.InSeam;
import brightplumb.core.table.Inspection;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A pocket in each side seam: its mouth is left open between two notches, a bag sewn to either edge. Common practice,
 * no source.
 */
public final class InSeamPocket implements Operation {

    private static final StepId MOUTH_STEP = new StepId("side-pocket");

    private static final PieceId BAG = PieceId.of("side-bag");

    @Override
    public String id() {
        return "in-seam-pocket";
    }

    @Override
    public String title() {
        return "Pockets in the side seam";
    }

    @Override
    public Rank rank() {
        return Rank.POCKET;
    }

    @Override
    public List<Setting> reads() {
        return List.of(MOUTH_DOWN, MOUTH, BAG_WIDE, BAG_DEEP);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                MOUTH_DOWN, Rule.inches(2, "{2} below the waist."),
                MOUTH, Rule.inches(6.5, "{6.5}, to pass a hand."),
                BAG_WIDE, Rule.inches(7, "A bag {7} wide."),
                BAG_DEEP, Rule.inches(9, "{9} deep."));
    }

    @Override
    public boolean fits(Draft before) {
        return !sides(before).isEmpty();
    }

    /** The side seams of one piece on one piece that go down to a hem: above a leg line no pocket finds room. */
    private static List<Join> sides(Draft draft) {
        return draft.joins().stream()
                .filter(j -> j.seam().equals(Seam.SIDE)
                        && j.layers().stream()
                                .allMatch(r -> r.stretches().size() == 1
                                        && draft.piece(r.piece())
                                                .edge(EdgeRole.HEM)
                                                .isPresent()))
                .toList();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Amount down = table.step(
                MOUTH_DOWN.fact(),
                "Pocket mouth below the waist",
                table.set(MOUTH_DOWN),
                table.set().why(MOUTH_DOWN));
        Amount mouth = table.step(
                MOUTH.fact(), "Pocket mouth long", table.set(MOUTH), table.set().why(MOUTH));
        double high = table.set(BAG_DEEP).value();
        if (mouth.value() > high - 10) {
            throw new Refusal(BAG_DEEP.field(), "The bag is not as deep as its mouth; make it deeper");
        }
        Piece bag = bag(table.set(BAG_WIDE).value(), high, mouth.value());
        table.paper().draw(BAG.toString(), Drawn.Role.OUTLINE, "", bag.sewLine());
        Pattern pattern = before.pattern().with(List.of(bag));
        List<Join> joins = new ArrayList<>();
        for (Join side : sides(before)) {
            double from = toWaist(before, side) + down.value();
            if (side.layers().get(0).length() < from + mouth.value() + 20) {
                throw new Refusal(
                        MOUTH.field(), "The mouth does not find room in the side seam; make it shorter, or raise it");
            }
            pattern = Notches.along(pattern, side, "pocket mouth", from);
            pattern = Notches.along(pattern, side, "pocket mouth, end", from + mouth.value());
            for (Run layer : side.layers()) {
                Stretch s = layer.stretches().get(0);
                Stretch edge = new Stretch(s.piece(), s.copy(), s.role(), s.nth(), from, from + mouth.value(), false);
                joins.add(Join.sewn(Bag.MOUTH_SEAM, Run.of(edge), Run.of(Stretch.whole(bag, bag.require(Bag.MOUTH)))));
            }
        }
        joins.add(new Join(
                Bag.ROUND_SEAM, List.of(round(bag, Hand.LEFT), round(bag, Hand.RIGHT)), 0, Join.Kind.MIRRORED));
        return table.finished(
                pattern.joined(joins),
                off -> sides(before).forEach(side -> {
                    Stretch s = side.layers().get(0).stretches().get(0);
                    List<Segment> edge =
                            before.piece(s.piece()).require(s.role(), s.nth()).run();
                    double from = toWaist(before, side) + down.value();
                    off.along(MOUTH_DOWN.fact(), s.piece().toString(), edge, from - down.value(), from);
                    off.along(MOUTH.fact(), s.piece().toString(), edge, from, from + mouth.value());
                }));
    }

    /** How far down a side the waist lies, where it begins above it; 0 where it begins there. */
    private static double toWaist(Draft draft, Join side) {
        if (!draft.piece(side.layers().get(0).piece()).fromShoulder()) {
            return 0;
        }
        double before = 0;
        for (Segment part : draft.layer(side, 0)) {
            var at = Curves.crossing(part, Point.of(0, 0), Point.of(1, 0));
            if (at.isPresent()) {
                return before + part.part(0, at.getAsDouble()).length();
            }
            before += part.length();
        }
        return 0;
    }

    private static Run round(Piece bag, Hand copy) {
        return Run.of(Stretch.whole(bag, bag.require(Bag.ROUND)).of(copy));
    }

    /** Straight along the side seam, rounded below; four are cut, two to a pocket. */
    private static Piece bag(double wide, double high, double mouth) {
        Point top = Point.of(0, 0);
        Point begins = Point.of(wide, 0);
        Point ends = Point.of(wide, mouth);
        Point corner = Point.of(wide, high);
        Point left = Point.of(0, high);
        Point b = Point.of(wide * 0.7, high);
        Point c = Point.of(wide * 0.3, high);
        Point d = Point.of(0, high - wide * 0.3);
        return Piece.of(
                        BAG,
                        "Side pocket bag",
                        Panel.POCKET,
                        List.of(
                                Edge.of(EdgeRole.WAIST, List.of(new Line(top, begins))),
                                Edge.of(Bag.MOUTH, List.of(new Line(begins, ends))),
                                Edge.of(
                                        Bag.ROUND,
                                        List.of(
                                                Cubic.parabola(ends, corner, b),
                                                new Line(b, c),
                                                Cubic.parabola(c, left, d),
                                                new Line(d, top)))),
                        new Line(Point.of(wide / 2, high * 0.15), Point.of(wide / 2, high * 0.75)),
                        new Copies.Pairs(2),
                        OnBody.NOWHERE)
                .in(Layer.POCKETING);
    }

    @Override
    public List<Inspection> checks() {
        return List.of(Inspection.where(HandPasses.ID, HandPasses::applies, HandPasses::of));
    }

    @Override
    public List<InSeam> inSeams(Draft after, Settings set) {
        return List.of(new InSeam(
                Seam.SIDE,
                Sentence.of(
                        "From the hem to the lower notch of the pocket, round the bag, and on from its upper notch; "
                                + "back-tack at both, and sew round the bag twice. Press the bag forward, clip the "
                                + "back's allowance above and below it."),
                List.of(Bag.ROUND_SEAM),
                Set.of(MOUTH_STEP)));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(MakingStep.of(
                        MOUTH_STEP,
                        "Bags to the side edges",
                        Work.POCKET,
                        "A bag to each edge between its notches, right sides together, at {0.25 in}; press it "
                                + "out, and understitch the front's.")
                .sewing(Bag.MOUTH_SEAM)
                .looking(List.of(Figure.mm("mouth", set.amount(MOUTH).value())))
                .after(StepId.MARK, StepId.DARTS, StepId.NEATEN));
    }
}
