package brightplumb.core.style.binding;

import static brightplumb.core.rule.BindingSettings.BINDING_ENDS;
import static brightplumb.core.rule.BindingSettings.BINDING_WIDTH;

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
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Rectangle;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
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
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Bias strips round every edge that ends bound: neck, armholes, legs. Common practice, no source. */
public final class BiasBinding implements Operation {

    private static final Fact AROUND = new Fact("binding");

    private static final Panel BINDING_PANEL = new Panel("binding");

    private static final Fact BINDING_LENGTH = new Fact("binding.length");

    /** How far from the edge the strip is stitched on, mm. */
    private static final double CAUGHT = Length.INCH / 4;

    private static final EdgeRole UPPER = new EdgeRole("upper", "upper edge");
    private static final EdgeRole LOWER = new EdgeRole("lower", "lower edge");
    private static final EdgeRole END = new EdgeRole("end", "end");

    /** Edges that go once round where front and back are sewn together. */
    private static final List<EdgeRole> ROUND = List.of(EdgeRole.NECK, EdgeRole.ARMHOLE, EdgeRole.LEG);

    @Override
    public String id() {
        return "bias-binding";
    }

    @Override
    public String title() {
        return "Bias binding";
    }

    @Override
    public Rank rank() {
        return Rank.HEM;
    }

    @Override
    public List<Setting> reads() {
        return List.of(BINDING_WIDTH, BINDING_ENDS);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                BINDING_WIDTH, Rule.inches(1.25, "{1.25} on the bias: {0.25} shows, {0.25} is caught, and it turns."),
                BINDING_ENDS, Rule.inches(0.5, "{0.5}, by which its ends are joined, or turned in."));
    }

    @Override
    public Optional<Setting> allowance(Piece piece, Edge edge) {
        boolean end = piece.panel().equals(BINDING_PANEL) && edge.role().equals(END);
        return end ? Optional.of(BINDING_ENDS) : Optional.empty();
    }

    @Override
    public boolean fits(Draft before) {
        return ROUND.stream().anyMatch(role -> bound(before, role).size() == 2);
    }

    /** The shell's front and back edge of a role, where both end bound. */
    private static List<Piece> bound(Draft draft, EdgeRole role) {
        return draft.with(role).stream()
                .filter(p -> p.layer() == Layer.SHELL && p.require(role).end() == End.BOUND)
                .toList();
    }

    @Override
    public Draft on(Draft before, Table table) {
        double width = table.step(
                        BINDING_WIDTH.fact(),
                        "Binding cut wide",
                        table.set(BINDING_WIDTH),
                        table.set().why(BINDING_WIDTH))
                .value();
        Map<EdgeRole, Piece> strips = new LinkedHashMap<>();
        List<Join> joins = new ArrayList<>();
        Amount all = Amount.found("no edge", 0);
        boolean first = true;
        for (EdgeRole role : ROUND) {
            List<Piece> pieces = bound(before, role);
            if (pieces.size() != 2) {
                continue;
            }
            Edge front = pieces.get(0).require(role);
            Edge back = pieces.get(1).require(role);
            double along = front.length() + back.length();
            boolean once = role.equals(EdgeRole.NECK);
            Amount length = table.step(
                    AROUND.of(role),
                    title(role),
                    Amount.found("measured along front and back", along).times(once ? 2 : 1),
                    once ? "Once round the neck." : "One of two, once round.");
            boolean ring = !role.equals(EdgeRole.LEG) || before.joins().stream().noneMatch(BiasBinding::fastened);
            Piece strip = strip(role, length.value(), width, once, ring);
            table.paper().draw(strip.id().toString(), Drawn.Role.OUTLINE, "", strip.sewLine());
            strips.put(role, strip);
            Run edges = round(
                    role, Run.of(Stretch.whole(pieces.get(0), front)), Run.of(Stretch.whole(pieces.get(1), back)));
            Run upper = Run.of(new Stretch(strip.id(), Hand.BOTH, UPPER, 1, 0, along, false));
            joins.add(new Join(seam(role), List.of(edges, upper), 0, Join.Kind.BOUND));
            if (ring) {
                joins.add(Join.sewn(
                        seam(role).of("ends"),
                        Run.of(Stretch.whole(strip, strip.require(END, 1))),
                        Run.of(Stretch.whole(strip, strip.require(END, 2)).reversed())));
            }
            Amount needed = once ? length : length.times(2);
            all = first ? needed : all.plus(needed);
            first = false;
        }
        table.step(
                all.as(BINDING_LENGTH, "binding, all of it"),
                "Binding, all of it",
                "Stretched a little as it is sewn on, it lies flat; cut it whole and trim what is left.");
        return table.finished(
                before.pattern().with(List.copyOf(strips.values())).joined(joins),
                off -> strips.forEach((role, strip) -> off.down(
                                BINDING_WIDTH.fact(), strip.id().toString(), 0, 0, width)
                        .along(
                                AROUND.of(role),
                                strip.id().toString(),
                                strip.require(UPPER).run())));
    }

    /**
     * Both edges in the order in which the strip meets them: round the leg from the front's end over the side to the
     * back's.
     */
    private static Run round(EdgeRole role, Run front, Run back) {
        return role.equals(EdgeRole.LEG) ? front.reversed().then(back) : front.then(back.reversed());
    }

    /** Whether it opens between the legs, so that a strip round the leg ends there. */
    private static boolean fastened(Join join) {
        return join.kind() == Join.Kind.LAPPED
                && join.layers().get(0).stretches().get(0).role().equals(EdgeRole.CROTCH_END);
    }

    /** The step that binds an edge. */
    static StepId step(EdgeRole role) {
        return new StepId("binding." + role.id());
    }

    private static String title(EdgeRole role) {
        return "Binding for the " + role.spoken();
    }

    private static Seam seam(EdgeRole role) {
        return Seam.of(role).of("binding");
    }

    /** A strip across the grain and along it alike, so that it bends round the edge. */
    private static Piece strip(EdgeRole role, double length, double width, boolean once, boolean ring) {
        Piece straight = Rectangle.of(
                PieceId.of(role.id() + "-binding"),
                title(role),
                BINDING_PANEL,
                length,
                width,
                UPPER,
                END,
                LOWER,
                END,
                once ? new Copies.Singles(1) : new Copies.Pairs(1));
        double high = width * 0.35;
        Point middle = Point.of(length / 2, width / 2);
        return straight.ending(UPPER, End.RAW)
                .ending(LOWER, End.RAW)
                .ending(END, ring ? End.SEWN : End.HEM)
                .withGrain(new Line(middle.plus(Point.of(-high, -high)), middle.plus(Point.of(high, high))));
    }

    @Override
    public List<Notion> notions(Draft after, Settings set) {
        double all = after.facts().get(BINDING_LENGTH).value();
        return List.of(Notion.measured(Supply.BINDING, "Bias binding", "of its own cloth, or bought", all));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        List<MakingStep> steps = new ArrayList<>();
        for (EdgeRole role : ROUND) {
            after.pattern().find(seam(role)).ifPresent(join -> steps.add(bound(after, set, role, join)));
        }
        return steps;
    }

    private static MakingStep bound(Draft after, Settings set, EdgeRole role, Join join) {
        boolean ring = after.pattern().find(seam(role).of("ends")).isPresent();
        return MakingStep.of(
                        step(role),
                        "Bind the " + (role.equals(EdgeRole.NECK) ? "neck" : role.spoken() + "s"),
                        Work.HEM,
                        ring
                                ? "Join the strip's ends, {0.5}."
                                : "Turn the strip's ends in, {0.5}, where it begins and ends between the legs.",
                        "Its right side to the wrong side of the edge, stretched a little where the edge is hollow; "
                                + "stitch {0.25} in.",
                        "Turn it over the edge to the face, fold its raw edge under, and stitch close to the fold.")
                .sewing(ring ? List.of(seam(role), seam(role).of("ends")) : List.of(seam(role)))
                .turned(CAUGHT)
                .looking(List.of(Figure.mm("edge", join.layers().get(0).length())))
                .with(set.cloth().stretches() ? "narrow zigzag" : "edge-stitched")
                .taking(Supply.BINDING)
                .after(StepId.MARK)
                .after(Seam.SHOULDER);
    }
}
