package brightplumb.core.style.binding;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Rectangle;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.CrotchFastening;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.SuitSettings;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Notion;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Supply;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A second layer inside each end between the legs, in which the studs are set: front over back. Common practice, no
 * source.
 */
public final class CrotchStrip implements Operation {

    private static final Panel STRIP = new Panel("strip");

    private static final Fact STRIP_DEEP = new Fact("strip.deep");

    private static final Seam STRIPS = new Seam("crotch.strip");

    private static final StepId STEP = new StepId("crotch-strip");

    private static final StepId STUDS_STEP = new StepId("studs");

    private static final EdgeRole UPPER = new EdgeRole("upper", "upper edge");
    private static final EdgeRole LOWER = new EdgeRole("lower", "lower edge");
    private static final EdgeRole END = new EdgeRole("end", "end");

    /** How far the strip reaches into the panel, mm. */
    private static final double DEEP = 1.5 * Length.INCH;

    private static final int STUDS = 2;

    @Override
    public String id() {
        return "crotch-strip";
    }

    @Override
    public String title() {
        return "Crotch strip with studs";
    }

    @Override
    public Rank rank() {
        return Rank.FINISH;
    }

    @Override
    public List<Setting> reads() {
        return List.of();
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                SuitSettings.FASTENING,
                Rule.chosen(CrotchFastening.STUDS, "It opens between the legs, with two studs."));
    }

    @Override
    public Map<Setting, Rule> off() {
        return Map.of(SuitSettings.FASTENING, Rule.chosen(CrotchFastening.SEWN, "It is sewn shut between the legs."));
    }

    @Override
    public boolean wanted(Settings set) {
        return set.chose(SuitSettings.FASTENING, CrotchFastening.STUDS);
    }

    @Override
    public boolean fits(Draft before) {
        return before.joins().stream()
                .anyMatch(j -> j.kind() == Join.Kind.LAPPED
                        && j.layers().get(0).stretches().get(0).role().equals(EdgeRole.CROTCH_END));
    }

    @Override
    public Draft on(Draft before, Table table) {
        table.step(
                STRIP_DEEP,
                "Strip inside each end, deep",
                Amount.byHabit(Length.mm(DEEP)),
                "Studs pull out of a single layer: the ends are doubled where they are set.");
        List<Piece> strips = new ArrayList<>();
        // What is faced is sewn, and has the allowance of its facing; a lining is sewn as one with it.
        Pattern faced = before.pattern();
        for (Piece layer : before.pieces()) {
            if (layer.edge(EdgeRole.CROTCH_END).isPresent()) {
                faced = faced.instead(layer.ending(EdgeRole.CROTCH_END, End.SEWN));
            }
        }
        List<Join> joins = new ArrayList<>();
        for (Piece panel : before.with(EdgeRole.CROTCH_END)) {
            Edge end = panel.require(EdgeRole.CROTCH_END);
            boolean whole = panel.copies() instanceof Copies.OnFold;
            double wide = end.length() * (whole ? 2 : 1);
            Piece strip = Rectangle.of(
                            panel.id().then("strip"),
                            "Crotch strip, " + panel.panel(),
                            STRIP,
                            wide,
                            DEEP,
                            UPPER,
                            END,
                            LOWER,
                            END,
                            whole ? new Copies.Singles(1) : new Copies.Pairs(1))
                    .ending(UPPER, End.SEWN)
                    .ending(LOWER, End.RAW)
                    .ending(END, End.BOUND)
                    .withGrain(new Line(Point.of(wide / 2, DEEP * 0.2), Point.of(wide / 2, DEEP * 0.8)));
            table.paper().draw(strip.id().toString(), Drawn.Role.OUTLINE, "", strip.sewLine());
            strips.add(strip);
            joins.add(new Join(
                    STRIPS.of(panel.panel()),
                    List.of(
                            Run.of(Stretch.whole(panel, end)),
                            Run.of(new Stretch(strip.id(), Hand.BOTH, UPPER, 1, 0, end.length(), false))),
                    0,
                    Join.Kind.SEWN));
        }
        return table.finished(
                faced.with(strips).joined(joins),
                off -> strips.forEach(strip -> off.down(STRIP_DEEP, strip.id().toString(), 0, 0, DEEP)));
    }

    @Override
    public List<Notion> notions(Draft after, Settings set) {
        return List.of(Notion.counted(Supply.STUD, "Press stud", "free of nickel, set through both layers", STUDS));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        List<Seam> strips = after.joins().stream()
                .map(Join::seam)
                .filter(s -> s.isIn(STRIPS.id()))
                .toList();
        return List.of(
                MakingStep.of(
                                STEP,
                                "Strips inside the crotch ends",
                                Work.FLY,
                                "Right sides together along the end, turn it to the inside and press; its sides are "
                                        + "caught when the legs are bound.")
                        .sewing(strips)
                        .with("plain seam")
                        .after(StepId.MARK),
                MakingStep.of(
                                STUDS_STEP,
                                "Studs",
                                Work.DRAW_IN,
                                "Lay the front end over the back by the lap; mark both studs through both ends, and "
                                        + "set them: front over back.")
                        .sewing(Seam.CROTCH_ENDS)
                        .taking(Supply.STUD)
                        .after(STEP, BiasBinding.step(EdgeRole.LEG))
                        .after(Seam.SIDE));
    }
}
