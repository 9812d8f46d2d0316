package brightplumb.core.style.band;

import static brightplumb.core.rule.ScoopSettings.FACING_HEIGHT;

import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.pattern.Strip;
import brightplumb.core.pattern.Surgery;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.style.collar.FlatCollar;
import brightplumb.core.style.neck.OnShoulder;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Supply;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A facing inside the upper edges, of their own shape with their darts shut, fused: the waist's, or the neck's and the
 * bare armholes' of what hangs from the shoulder. Common practice, no source.
 */
public final class Facing implements Operation {

    private static final Seam WAIST_SEAM = Seam.of(EdgeRole.WAIST).in("facing");

    private static final StepId MADE = new StepId("facing.made");

    private static final StepId ON = new StepId("facing.on");

    /** The seams along the edges it lies inside. */
    private static final Set<Seam> ALONG = Stream.of(EdgeRole.WAIST, EdgeRole.NECK, EdgeRole.ARMHOLE)
            .map(role -> Seam.of(role).in("facing"))
            .collect(Collectors.toSet());

    @Override
    public String id() {
        return "facing";
    }

    @Override
    public String title() {
        return "Facing";
    }

    @Override
    public String place() {
        return "band";
    }

    @Override
    public Rank rank() {
        return Rank.TOP;
    }

    @Override
    public List<Setting> reads() {
        return List.of(FACING_HEIGHT);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(FACING_HEIGHT, Rule.inches(2, "{2} deep."));
    }

    @Override
    public boolean fits(Draft before) {
        return !faced(before).isEmpty();
    }

    /** The roles of the edges it lies inside. */
    private static List<EdgeRole> faced(Draft draft) {
        return WaistRound.there(draft)
                ? draft.pattern().find(Seam.WAIST).isEmpty() ? List.of(EdgeRole.WAIST) : List.of()
                : Stream.of(EdgeRole.NECK, EdgeRole.ARMHOLE)
                        .filter(role -> !bare(draft, role).isEmpty())
                        .toList();
    }

    /** The shell's pieces whose edge of a role nothing is sewn to. */
    private static List<Piece> bare(Draft draft, EdgeRole role) {
        if (role.equals(EdgeRole.WAIST)) {
            return draft.with(role);
        }
        return draft.with(role).stream()
                .filter(p -> p.layer() == Layer.SHELL && p.require(role).end() == End.BOUND)
                .filter(p -> draft.joins().stream()
                        .flatMap(j -> j.layers().stream())
                        .flatMap(run -> run.stretches().stream())
                        .noneMatch(s -> s.on(p.id(), p.require(role))))
                .toList();
    }

    @Override
    public Draft on(Draft before, Table table) {
        double deep = table.step(
                        FACING_HEIGHT.fact(),
                        "Facing deep",
                        table.set(FACING_HEIGHT),
                        table.set().why(FACING_HEIGHT))
                .value();
        Pattern pattern = before.pattern();
        for (EdgeRole role : faced(before)) {
            List<Piece> panels = bare(before, role);
            pattern = faced(
                    pattern,
                    panels,
                    role,
                    role.equals(EdgeRole.WAIST) ? deep : OnShoulder.deep(panels, FACING_HEIGHT, "facing", table),
                    table);
        }
        List<Piece> facings = pattern.pieces().stream()
                .filter(p -> p.layer() == Layer.SHELL
                        && p.edge(Strip.LOWER).isPresent()
                        && before.pattern().find(p.id()).isEmpty())
                .toList();
        return table.finished(
                pattern,
                off -> facings.forEach(f -> OffTheTop.deep(
                        off, FACING_HEIGHT.fact(), f, f.edges().get(0).role())));
    }

    /** The pattern with facings along one role's edges. */
    private static Pattern faced(Pattern before, List<Piece> panels, EdgeRole role, double deep, Table table) {
        String name = role.equals(EdgeRole.ARMHOLE) ? "armhole-facing" : "facing";
        Map<PieceId, Piece> facings = new LinkedHashMap<>();
        Pattern pattern = before;
        for (Piece panel : panels) {
            Strip strip = Strip.off(panel, role, deep)
                    .orElseThrow(() -> new Refusal(
                            FACING_HEIGHT.field(),
                            role.equals(EdgeRole.WAIST)
                                    ? "So deep a facing reaches the point of a dart, or past the opening; make it "
                                            + "shallower"
                                    : "So deep a facing does not find room on the shoulder; make it shallower"));
            Piece facing = OffTheTop.piece(panel, strip, name, new Panel(name), title(role), 1)
                    .ending(Strip.LOWER, End.RAW)
                    .lying(OnBody.NOWHERE);
            facings.put(panel.id(), facing);
            table.paper().draw(facing.id().toString(), Drawn.Role.OUTLINE, "", facing.sewLine());
            pattern = pattern.instead(pattern.piece(panel.id()).ending(role, End.SEWN));
        }
        List<Piece> pieces = new ArrayList<>(facings.values());
        facings.values()
                .forEach(f -> pieces.add(Surgery.traced(f, f.id().fusing(), f.title() + " fusing", Layer.FUSING)));
        List<Join> joins = new ArrayList<>();
        facings.forEach((panel, facing) -> joins.add(Join.sewn(
                Seam.of(role).in("facing"),
                Run.shut(before.piece(panel), role),
                Run.of(Stretch.whole(facing, facing.require(role))))));
        joins.addAll(OffTheTop.joins(name, before, facings));
        return pattern.with(pieces).joined(joins);
    }

    private static String title(EdgeRole role) {
        return role.equals(EdgeRole.ARMHOLE) ? "Armhole facing" : role.equals(EdgeRole.NECK) ? "Neck facing" : "Facing";
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        List<Seam> seams = after.joins().stream()
                .map(Join::seam)
                .filter(seam -> seam.isIn("facing") || seam.isIn("armhole-facing"))
                .distinct()
                .toList();
        List<Seam> on = seams.stream().filter(ALONG::contains).toList();
        MakingStep made = MakingStep.of(
                        MADE,
                        "Facing, by itself",
                        Work.BAND,
                        "Join its pieces where the garment's are joined, leave open where the zip comes; press, and "
                                + "neaten the free edge.")
                .sewing(seams.stream().filter(seam -> !ALONG.contains(seam)).toList())
                .taking(Supply.FUSING)
                .after(StepId.MARK, StepId.FUSE);
        List<Figure> deep = List.of(Figure.mm("deep", set.amount(FACING_HEIGHT).value()));
        return List.of(
                made,
                on.contains(WAIST_SEAM)
                        ? MakingStep.of(
                                        ON,
                                        "Facing on",
                                        Work.BAND,
                                        "Right sides together round the waist; clip, understitch, and turn in. Catch "
                                                + "it at darts and sides, and beside the zip by hand.")
                                .sewing(on)
                                .looking(deep)
                                .with("understitched")
                                .after(MADE, StepId.DARTS)
                                .after(Seam.SIDE, Seam.CENTRE_BACK, Seam.CROTCH_BACK)
                        : MakingStep.of(
                                        ON,
                                        "Facing on",
                                        Work.BAND,
                                        "Right sides together round the edge; clip the curve, understitch, and turn "
                                                + "in. Catch it at the shoulders, and beside the zip by hand.")
                                .sewing(on)
                                .looking(deep)
                                .with("understitched")
                                .after(MADE)
                                .after(Seam.SHOULDER, FlatCollar.NECK_SEAM));
    }
}
