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
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.pattern.Strip;
import brightplumb.core.pattern.Surgery;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A facing inside the waist, of the waist's own shape with its darts shut, fused. Common practice, no source. */
public final class Facing implements Operation {

    @Override
    public String id() {
        return "facing";
    }

    @Override
    public String title() {
        return "Waist facing";
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
        return Map.of(FACING_HEIGHT, Rule.inches(2, "Two inches deep."));
    }

    @Override
    public boolean fits(Draft before) {
        return before.pattern().find("waist").isEmpty() && WaistRound.there(before);
    }

    @Override
    public Draft on(Draft before, Table table) {
        double deep = table.step(
                        "facing.height",
                        "Facing deep",
                        table.set(FACING_HEIGHT),
                        table.set().why(FACING_HEIGHT))
                .value();
        Map<PieceId, Piece> facings = new LinkedHashMap<>();
        List<Piece> pieces = new ArrayList<>();
        for (Piece panel : before.with(EdgeRole.WAIST)) {
            Strip strip = Strip.off(panel, EdgeRole.WAIST, deep)
                    .orElseThrow(() -> new Refusal(
                            "settings." + FACING_HEIGHT.key(),
                            "So deep a facing reaches the point of a dart, or past the opening; make it shallower"));
            Piece facing = OffTheTop.piece(panel, strip, "facing", "Facing", 1)
                    .ending(Strip.LOWER, End.RAW)
                    .lying(OnBody.NOWHERE);
            facings.put(panel.id(), facing);
            table.paper().draw(facing.id().toString(), Drawn.Role.OUTLINE, "", facing.sewLine());
        }
        pieces.addAll(facings.values());
        facings.values()
                .forEach(f -> pieces.add(Surgery.traced(
                        f,
                        new PieceId(f.id().name() + Pattern.FUSING, f.id().hand()),
                        f.title() + " fusing",
                        Layer.FUSING)));
        Pattern pattern = before.pattern().with(pieces);
        return table.finished(pattern.joined(joins(before.pattern(), facings)));
    }

    /** Each facing to its panel's waist, and the facings to each other where the panels are sewn. */
    private static List<Join> joins(Pattern before, Map<PieceId, Piece> facings) {
        List<Join> joins = new ArrayList<>();
        facings.forEach((panel, facing) -> joins.add(Join.sewn(
                "facing.waist",
                Run.shut(before.piece(panel), EdgeRole.WAIST),
                Run.of(Stretch.whole(facing, facing.require(EdgeRole.WAIST))))));
        joins.addAll(OffTheTop.joins("facing.", before, facings));
        return joins;
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        List<String> own = after.joins().stream()
                .map(Join::seam)
                .filter(s -> s.startsWith("facing.") && !s.equals("facing.waist"))
                .distinct()
                .toList();
        return List.of(
                MakingStep.of(
                                "facing.made",
                                "Facing, by itself",
                                Work.BAND,
                                "Join front and back at the sides, leave open where the zip comes; press, and neaten the lower edge.")
                        .sewing(own)
                        .taking("fusing")
                        .after("mark", "fuse"),
                MakingStep.of(
                                "facing.on",
                                "Facing on",
                                Work.BAND,
                                "Right sides together round the waist; clip, understitch, and turn in. Catch it at darts and sides, and beside the zip by hand.")
                        .sewing("facing.waist")
                        .looking(List.of(
                                Figure.mm("deep", set.amount(FACING_HEIGHT).value())))
                        .with("understitched")
                        .after("facing.made", "side", "darts", "centre.back", "crotch.back", "crotch"));
    }
}
