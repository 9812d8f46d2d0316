package brightplumb.core.block.bodice;

import brightplumb.core.paper.Draft;
import brightplumb.core.paper.LaidOff;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Half;
import java.util.function.Function;

/**
 * Where on the paper the amounts lie of what hangs from the shoulder: levels beside the centre, widths on them, neck
 * and armhole at the top.
 */
public final class BodicesLaidOff {

    /** Depths are laid off beside the centre, one further out than the other, mm. */
    private static final double BESIDE = 24;

    private final Draft draft;
    private final LaidOff off;
    private final String front;
    private final String back;
    private final double top;

    private BodicesLaidOff(Draft draft, Function<Half, String> sheets) {
        this.draft = draft;
        this.off = new LaidOff(draft);
        this.front = sheets.apply(Half.FRONT);
        this.back = sheets.apply(Half.BACK);
        this.top = draft.level("shoulder").orElseThrow();
    }

    /** The draft with its amounts laid off, panels on the sheets of their names. */
    public static Draft on(Draft draft) {
        return on(draft, Half::id);
    }

    /** @param sheets the sheet each bodice panel is drawn on */
    static Draft on(Draft draft, Function<Half, String> sheets) {
        BodicesLaidOff bodice = new BodicesLaidOff(draft, sheets);
        bodice.shoulder();
        bodice.levels();
        bodice.below();
        for (Half half : Half.values()) {
            bodice.ends(half, sheets.apply(half));
        }
        return bodice.off.done();
    }

    private double said(String step) {
        return off.said(step).orElse(0);
    }

    private void shoulder() {
        off.down("shoulder.to.waist", front, -BESIDE, top, 0);
        off.across("shoulder.half", front, top, 0, said("shoulder.half"));
        off.down("shoulder.slope", front, said("shoulder.half"), top, top + said("shoulder.slope"));
        off.across("neck.width", front, top, 0, said("neck.width"));
        off.across("neck.width", back, top, 0, said("neck.width"));
        off.down("neck.depth.front", front, 0, top, top + said("neck.depth.front"));
        off.down("neck.depth.back", back, 0, top, top + said("neck.depth.back"));
    }

    private void levels() {
        double chest = draft.level("chest").orElseThrow();
        double bust = draft.level("bust").orElseThrow();
        off.down("armhole.level", front, -2 * BESIDE, top, chest);
        off.down("armhole.depth", front, said("shoulder.half"), chest - said("armhole.depth"), chest);
        off.down("bust.level", front, -3 * BESIDE, top, bust);
        off.across("bust.quarter", front, bust, 0, said("bust.quarter"));
        off.down("top.level", front, -2 * BESIDE, top, top + said("top.level"));
        double underarm = draft.pieces().stream()
                .filter(p -> p.id().toString().startsWith(back))
                .flatMap(p -> p.edge(EdgeRole.SIDE).stream())
                .mapToDouble(side -> side.run().get(0).from().y())
                .findFirst()
                .orElse(chest);
        off.down("underarm.back", back, said("bust.quarter"), chest, underarm);
    }

    private void below() {
        off.across("waist.quarter", front, 0, 0, said("waist.quarter"));
        off.across("waist.quarter", back, 0, 0, said("waist.quarter"));
        off.down("hip.depth", front, -BESIDE, 0, said("hip.depth"));
        off.across("hip.quarter", front, said("hip.depth"), 0, said("hip.quarter"));
        off.down("crotch.line", front, -2 * BESIDE, 0, said("crotch.line"));
        off.down("leg.line.level", front, said("hip.quarter"), 0, said("leg.line.level"));
        off.across("leg.line.quarter", front, said("leg.line.level"), 0, said("leg.line.quarter"));
        draft.level("hem").ifPresent(hem -> {
            off.down("length", front, -3 * BESIDE, 0, hem);
            off.across("inner.leg.in", front, hem, 0, said("inner.leg.in"));
        });
    }

    private void ends(Half half, String sheet) {
        String end = "crotch.end." + half.id();
        off.down(end, sheet, -BESIDE, 0, said(end));
        off.across("crotch.half.width." + half.id(), sheet, said(end), 0, said("crotch.half.width." + half.id()));
        if (half == Half.FRONT) {
            off.down("crotch.lap", sheet, 0, said(end) - said("crotch.lap"), said(end));
        }
        for (Piece piece : draft.pieces()) {
            if (piece.id().toString().equals(sheet)) {
                for (Dart dart : piece.darts()) {
                    off.off("bodice.dart." + half.id(), sheet, dart.inner(), dart.outer());
                }
            }
        }
    }
}
