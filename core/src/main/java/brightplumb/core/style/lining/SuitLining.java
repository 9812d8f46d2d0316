package brightplumb.core.style.lining;

import static brightplumb.core.pattern.EdgeRole.ARMHOLE;
import static brightplumb.core.pattern.EdgeRole.CENTRE_BACK;
import static brightplumb.core.pattern.EdgeRole.CENTRE_BACK_ZIP;
import static brightplumb.core.pattern.EdgeRole.CROTCH_END;
import static brightplumb.core.pattern.EdgeRole.LEG;
import static brightplumb.core.pattern.EdgeRole.NECK;
import static brightplumb.core.pattern.EdgeRole.SHOULDER;
import static brightplumb.core.pattern.EdgeRole.SIDE;

import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Surgery;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * A bodysuit lined from its own pieces: each panel is laid on its lining, stitched to it all round, and is one piece
 * from then on, so that every seam and every binding takes both. Common practice, no source.
 */
public final class SuitLining implements Operation {

    private static final Fact SUIT_LINING = new Fact("suit.lining");

    private static final String PREFIX = "lining";
    private static final String NAME = "suit-lining";
    private static final Seam SEAM = new Seam(NAME);

    /** Every edge but a fold. */
    private static final List<EdgeRole> ROUND =
            List.of(NECK, SHOULDER, ARMHOLE, SIDE, LEG, CROTCH_END, CENTRE_BACK, CENTRE_BACK_ZIP);

    @Override
    public String id() {
        return NAME;
    }

    @Override
    public String title() {
        return "Lining, panel by panel";
    }

    @Override
    public Rank rank() {
        return Rank.LINING;
    }

    @Override
    public List<Setting> reads() {
        return List.of();
    }

    @Override
    public boolean fits(Draft before) {
        return panels(before).size() == 2;
    }

    private static List<Piece> panels(Draft draft) {
        return draft.with(LEG).stream()
                .filter(p -> p.layer() == Layer.SHELL && p.fromShoulder() && p.id().hand() == Hand.BOTH)
                .toList();
    }

    @Override
    public Draft on(Draft before, Table table) {
        List<Piece> linings = new ArrayList<>();
        List<Join> joins = new ArrayList<>();
        for (Piece shell : panels(before)) {
            Piece lining = Surgery.traced(shell, shell.id().with(PREFIX), "Lining " + shell.spoken(), Layer.LINING);
            linings.add(lining);
            table.paper().draw(lining.id().toString(), Drawn.Role.OUTLINE, "", lining.sewLine());
            boolean folded = lining.copies() instanceof Copies.OnFold;
            Stream<EdgeRole> round =
                    ROUND.stream().filter(e -> lining.edge(e).isPresent() && !(folded && e.equals(CENTRE_BACK)));
            round.forEach(edge -> joins.add(Join.sewn(SEAM, edge, shell, lining)));
        }
        table.step(
                SUIT_LINING,
                "Lining pieces",
                Amount.ratio("one for each panel", linings.size()).called("lining pieces"),
                "From the same pieces: it must give as the cloth does, or it will hold what should stretch.");
        return table.finished(before.pattern().with(linings).joined(joins));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(MakingStep.of(
                        SEAM,
                        "Each panel on its lining",
                        Work.FOLD,
                        "Wrong sides together, smoothed without pulling either; stitch round just outside where the "
                                + "seams and bindings will cover it. They are one piece from here on.")
                .with("narrow zigzag")
                .after(StepId.MARK, StepId.FUSE, StepId.DARTS));
    }
}
