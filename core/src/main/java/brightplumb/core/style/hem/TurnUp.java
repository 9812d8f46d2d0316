package brightplumb.core.style.hem;

import static brightplumb.core.rule.AllowanceSettings.HEM_ALLOWANCE;
import static brightplumb.core.rule.HemSettings.TURN_UP_JOIN;
import static brightplumb.core.rule.TurnUpSettings.TURN_UP;
import static brightplumb.core.rule.TurnUpSettings.TURN_UP_KIND;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Placed;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.pattern.Surgery;
import brightplumb.core.rule.Given;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.TurnUpKind;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A turn-up of a separate doubled strip, one a panel, sewn on flat, its ends cut to lie on the leg; its join lies
 * hidden behind it, a little above the fold, so that the leg is cut that much shorter. Common practice, no source.
 */
public final class TurnUp implements Operation {

    private static final Fact HEIGHT = new Fact("turn-up.height");
    private static final Fact BELOW = new Fact("turn-up.below");
    private static final Fact STRIP = new Fact("turn-up.strip");

    private static final Panel TURN_UP_PANEL = new Panel("turn-up");

    /** The strip to the hem. */
    private static final Seam SEAM = new Seam("turn-up");

    private static final Seam SIDE_SEAM = Seam.SIDE.in("turn-up");

    private static final Seam INSEAM_SEAM = Seam.INSEAM.in("turn-up");

    private static final StepId TACKED = new StepId("turn-up.tacked");

    private static final EdgeRole JOIN = new EdgeRole("join", "sewn to the leg");

    @Override
    public String id() {
        return "turn-up";
    }

    @Override
    public String title() {
        return "Turn-up";
    }

    @Override
    public Rank rank() {
        return Rank.HEM;
    }

    @Override
    public List<Setting> reads() {
        return List.of(TURN_UP_KIND, TURN_UP, TURN_UP_JOIN, HEM_ALLOWANCE);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                TURN_UP,
                Rule.inches(1.5, "{1.5}, finished."),
                TURN_UP_KIND,
                Rule.chosen(TurnUpKind.STRIP, "A doubled strip, one a panel, sewn on flat."),
                TURN_UP_JOIN,
                Rule.worked(
                        given -> Amount.byHabit(inOne(given) ? 0 : 0.5), "A strip's join lies {0.5} above its fold."),
                HEM_ALLOWANCE,
                Rule.worked(
                        given -> inOne(given)
                                ? given.amount(TURN_UP).times(2).plus(Amount.inches("hem inside", 1))
                                : Amount.byHabit(0.5),
                        "{0.5} at a strip's join; in one with the leg twice the turn-up, and a hem of {1}."));
    }

    private static boolean inOne(Given given) {
        return given.settings().chose(TURN_UP_KIND, TurnUpKind.IN_ONE);
    }

    @Override
    public boolean fits(Draft before) {
        return before.pieces().stream().anyMatch(TurnUp::takes);
    }

    private static boolean takes(Piece piece) {
        return piece.layer() == Layer.SHELL
                && piece.edge(EdgeRole.INSEAM).isPresent()
                && piece.edge(EdgeRole.HEM).filter(e -> e.end() == End.HEM).isPresent();
    }

    /** Cut in one with the leg it is folded at its upper edge, and where it lies on the leg's own fold. */
    @Override
    public List<Double> folds(Piece piece, Edge edge, double added, Settings set) {
        boolean inOne = edge.end() == End.HEM && takes(piece) && set.chose(TURN_UP_KIND, TurnUpKind.IN_ONE);
        double high = inOne ? set.amount(TURN_UP).value() : 0;
        return high > 0 && added > 2 * high ? List.of(high, 2 * high) : List.of();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Amount high = table.step(
                HEIGHT,
                "Turn-up high, finished",
                table.set(TURN_UP),
                table.set().why(TURN_UP));
        if (table.set().chose(TURN_UP_KIND, TurnUpKind.IN_ONE)) {
            table.step(
                    BELOW,
                    "Cut on below the finished edge",
                    table.set(HEM_ALLOWANCE),
                    "Folded up outside, down again, and hemmed inside: each part is the mirror image of the one "
                            + "before.");
            return table.finished(
                    before.pattern(),
                    off -> before.pieces().stream().filter(TurnUp::takes).forEach(panel -> {
                        Point side = panel.require(EdgeRole.HEM).run().get(0).from();
                        off.down(HEIGHT, panel.id().toString(), side.x(), side.y() - high.value(), side.y());
                        off.down(
                                BELOW,
                                panel.id().toString(),
                                side.x(),
                                side.y(),
                                side.y() + table.set(HEM_ALLOWANCE).value());
                    }));
        }
        Amount strip = table.step(
                STRIP,
                "Strip wide, sewn",
                high.called("turn-up").plus(table.set(TURN_UP_JOIN)).times(2),
                "Doubled: down from the join to the fold, and up again to the turn-up's edge.");
        Pattern pattern = before.pattern();
        Map<PieceId, Piece> strips = new LinkedHashMap<>();
        List<Join> joins = new ArrayList<>();
        for (Piece panel : before.pieces().stream().filter(TurnUp::takes).toList()) {
            Edge hem = panel.require(EdgeRole.HEM);
            pattern = pattern.instead(panel.ending(EdgeRole.HEM, End.SEWN));
            Piece piece = strip(panel, high.value(), table.set(TURN_UP_JOIN).value());
            strips.put(panel.id(), piece);
            table.paper().draw(piece.id().toString(), Drawn.Role.OUTLINE, "", piece.sewLine());
            joins.add(new Join(
                    SEAM,
                    List.of(Run.of(Stretch.whole(panel, hem)), edge(piece, 1).reversed(), edge(piece, 2)),
                    0,
                    Join.Kind.SEWN));
        }
        pattern = pattern.with(List.copyOf(strips.values()));
        for (Join join : before.joins()) {
            List<Run> layers = join.layers();
            Piece one = striped(strips, layers.get(0));
            Piece other = striped(strips, layers.get(1));
            EdgeRole role = layers.get(0).stretches().get(0).role();
            if (one != null && other != null && (role.equals(EdgeRole.SIDE) || role.equals(EdgeRole.INSEAM))) {
                joins.add(Join.sewn(Seam.of(role).in("turn-up"), role, one, other));
            }
        }
        double turned = strip.value() / 2;
        return table.finished(
                pattern.joined(joins),
                off -> strips.values().forEach(piece -> {
                    List<Segment> end = piece.require(EdgeRole.SIDE).run();
                    off.along(STRIP, piece.id().toString(), end)
                            .along(HEIGHT, piece.id().toString(), end, turned - high.value(), turned);
                }));
    }

    /** The strip of the panel that a layer runs along to its hem; null where it has none. */
    private static Piece striped(Map<PieceId, Piece> strips, Run layer) {
        return layer.stretches().stream()
                .map(s -> strips.get(s.piece()))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    private static Run edge(Piece strip, int nth) {
        return Run.of(Stretch.whole(strip, strip.require(JOIN, nth)));
    }

    /**
     * A panel's strip, from its hem down: the leg goes on to the fold, and from there its own edges mirrored, so that
     * the turn-up meets the wider leg above; mirrored once more about the turn-up's edge.
     *
     * @param high the turn-up, mm
     * @param join how far above the fold the strip is sewn on, mm
     */
    private static Piece strip(Piece panel, double high, double join) {
        List<Segment> hem = Curves.reversed(panel.require(EdgeRole.HEM).run());
        Point left = hem.get(0).from();
        Point right = hem.get(hem.size() - 1).to();
        List<Segment> inside =
                half(Curves.reversed(panel.require(EdgeRole.INSEAM).run()), left, right, high, join);
        List<Segment> outside = half(panel.require(EdgeRole.SIDE).run(), left, right, high, join);
        Point from = inside.get(inside.size() - 1).to();
        Point to = outside.get(outside.size() - 1).to();
        Rigid over = Rigid.flip(from, to.minus(from));
        List<Segment> side = new ArrayList<>(outside);
        side.addAll(Curves.reversed(Curves.moved(outside, over)));
        List<Segment> inseam = new ArrayList<>(inside);
        inseam.addAll(Curves.reversed(Curves.moved(inside, over)));
        Piece strip = Piece.of(
                panel.id().with("turn-up"),
                "Turn-up " + panel.panel()
                        + (panel.id().hand() == Hand.BOTH
                                ? ""
                                : ", " + panel.id().hand().id()),
                TURN_UP_PANEL,
                Surgery.numbered(List.of(
                        Edge.of(JOIN, hem),
                        Edge.of(EdgeRole.SIDE, side),
                        Edge.of(JOIN, Curves.reversed(Curves.moved(hem, over))),
                        Edge.of(EdgeRole.INSEAM, Curves.reversed(inseam)))),
                panel.grain(),
                panel.copies() instanceof Copies.Pairs ? new Copies.Pairs(1) : new Copies.Singles(1),
                OnBody.NOWHERE);
        return strip.placing(new Placed("fold", "fold", List.of(new Line(from, to))))
                .grained(panel.grain().direction(0), strip.require(JOIN, 1), strip.require(JOIN, 2))
                .moved(Rigid.slide(left.times(-1)));
    }

    /**
     * From a corner of the hem to the turn-up's edge: straight on to the fold, and the same mirrored, then the leg's
     * edge mirrored.
     *
     * @param down the leg's edge, running down to the hem
     */
    private static List<Segment> half(List<Segment> down, Point left, Point right, double high, double join) {
        double length = Curves.length(down);
        double above = high - join;
        if (above >= length) {
            throw new Refusal(TURN_UP.field(), "So high a turn-up reaches the end of the inseam; make it lower");
        }
        Segment last = down.get(down.size() - 1);
        Point corner = last.to();
        Point fold = corner.plus(last.direction(1).times(join));
        List<Segment> leg = new ArrayList<>(above > 0 ? Curves.part(down, length - above, length) : List.of());
        if (join > 0) {
            leg.add(new Line(corner, fold));
        }
        List<Segment> half = new ArrayList<>(join > 0 ? List.of(new Line(corner, fold)) : List.of());
        half.addAll(Curves.reversed(Curves.moved(leg, Rigid.flip(fold, right.minus(left)))));
        return half;
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        if (set.chose(TURN_UP_KIND, TurnUpKind.IN_ONE)) {
            return List.of(MakingStep.of(
                            TACKED,
                            "Turn-ups up",
                            Work.HEM,
                            "Hem the raw edge inside the leg. Fold the leg up at its finished edge to the right side, "
                                    + "press, and tack the turn-up on both seams.")
                    .looking(List.of(
                            Figure.mm("turn-up, finished", set.amount(TURN_UP).value())))
                    .after(StepId.HEM)
                    .after(Seam.SIDE, Seam.INSEAM));
        }
        return List.of(
                MakingStep.of(
                                SEAM,
                                "Turn-ups on, flat",
                                Work.TURN_UP,
                                "Fold each strip lengthwise, wrong sides together, and press. Sew both its edges to "
                                        + "the raw edge of its panel, on the wrong side; neaten, and press the seam "
                                        + "toward the leg.")
                        .looking(List.of(Figure.mm(
                                "turn-up, finished", set.amount(TURN_UP).value())))
                        .after(StepId.MARK, StepId.FUSE, StepId.DARTS, StepId.NEATEN),
                MakingStep.of(
                                TACKED,
                                "Turn-ups up",
                                Work.HEM,
                                "Its ends were sewn in one with sides and inseams. Turn the strip up to the right "
                                        + "side, the join hidden behind it, and tack it on every seam.",
                                "Before tacking, measure from the raw waist to the fold.")
                        .sewing(SIDE_SEAM, INSEAM_SEAM)
                        .looking(List.of(Figure.mm(
                                "side of the leg, to the join",
                                after.join(Seam.SIDE).layers().get(0).length())))
                        .after(SEAM, Seam.SIDE, Seam.INSEAM));
    }
}
