package brightplumb.core.block.bodice;

import brightplumb.core.paper.Draft;
import brightplumb.core.paper.LaidOff;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.SuitFacts;
import brightplumb.core.rule.SuitSettings;
import brightplumb.core.rule.TopSettings;
import brightplumb.core.working.Fact;
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

    private double said(Fact step) {
        return off.said(step).orElse(0);
    }

    private void shoulder() {
        off.down(BodiceFacts.SHOULDER_TO_WAIST, front, -BESIDE, top, 0);
        off.across(BodiceFacts.SHOULDER_HALF, front, top, 0, said(BodiceFacts.SHOULDER_HALF));
        off.down(
                BodiceFacts.SHOULDER_SLOPE,
                front,
                said(BodiceFacts.SHOULDER_HALF),
                top,
                top + said(BodiceFacts.SHOULDER_SLOPE));
        off.across(BodiceFacts.NECK_WIDTH, front, top, 0, said(BodiceFacts.NECK_WIDTH));
        off.across(BodiceFacts.NECK_WIDTH, back, top, 0, said(BodiceFacts.NECK_WIDTH));
        off.down(
                BodiceFacts.NECK_DEPTH.of(Half.FRONT),
                front,
                0,
                top,
                top + said(BodiceFacts.NECK_DEPTH.of(Half.FRONT)));
        off.down(BodiceFacts.NECK_DEPTH.of(Half.BACK), back, 0, top, top + said(BodiceFacts.NECK_DEPTH.of(Half.BACK)));
    }

    private void levels() {
        double chest = draft.level("chest").orElseThrow();
        double bust = draft.level("bust").orElseThrow();
        off.down(BodiceFacts.ARMHOLE_LEVEL, front, -2 * BESIDE, top, chest);
        off.down(
                BodiceFacts.ARMHOLE_DEPTH,
                front,
                said(BodiceFacts.SHOULDER_HALF),
                chest - said(BodiceFacts.ARMHOLE_DEPTH),
                chest);
        off.down(BodiceFacts.BUST_LEVEL, front, -3 * BESIDE, top, bust);
        off.across(BodiceFacts.BUST_QUARTER, front, bust, 0, said(BodiceFacts.BUST_QUARTER));
        off.down(TopSettings.TOP_LEVEL.fact(), front, -2 * BESIDE, top, top + said(TopSettings.TOP_LEVEL.fact()));
        double underarm = draft.pieces().stream()
                .filter(p -> p.id().toString().startsWith(back))
                .flatMap(p -> p.edge(EdgeRole.SIDE).stream())
                .mapToDouble(side -> side.run().get(0).from().y())
                .findFirst()
                .orElse(chest);
        off.down(BodiceFacts.UNDERARM_BACK, back, said(BodiceFacts.BUST_QUARTER), chest, underarm);
    }

    private void below() {
        off.across(PanelFacts.WAIST_QUARTER, front, 0, 0, said(PanelFacts.WAIST_QUARTER));
        off.across(PanelFacts.WAIST_QUARTER, back, 0, 0, said(PanelFacts.WAIST_QUARTER));
        off.down(Fact.HIP_DEPTH, front, -BESIDE, 0, said(Fact.HIP_DEPTH));
        off.across(PanelFacts.HIP_QUARTER, front, said(Fact.HIP_DEPTH), 0, said(PanelFacts.HIP_QUARTER));
        off.down(BodiceFacts.CROTCH_LINE, front, -2 * BESIDE, 0, said(BodiceFacts.CROTCH_LINE));
        off.down(SuitFacts.LEG_LINE_LEVEL, front, said(PanelFacts.HIP_QUARTER), 0, said(SuitFacts.LEG_LINE_LEVEL));
        off.across(
                SuitFacts.LEG_LINE_QUARTER, front, said(SuitFacts.LEG_LINE_LEVEL), 0, said(SuitFacts.LEG_LINE_QUARTER));
        draft.level("hem").ifPresent(hem -> {
            off.down(Fact.LENGTH, front, -3 * BESIDE, 0, hem);
            off.across(SuitSettings.INNER_LEG_IN.fact(), front, hem, 0, said(SuitSettings.INNER_LEG_IN.fact()));
        });
    }

    private void ends(Half half, String sheet) {
        Fact end = BodiceFacts.CROTCH_END.of(half);
        off.down(end, sheet, -BESIDE, 0, said(end));
        off.across(SuitFacts.HALF_WIDTH.of(half), sheet, said(end), 0, said(SuitFacts.HALF_WIDTH.of(half)));
        if (half == Half.FRONT) {
            off.down(
                    SuitSettings.CROTCH_LAP.fact(),
                    sheet,
                    0,
                    said(end) - said(SuitSettings.CROTCH_LAP.fact()),
                    said(end));
        }
        for (Piece piece : draft.pieces()) {
            if (piece.id().toString().equals(sheet)) {
                for (Dart dart : piece.darts()) {
                    off.off(BodiceFacts.BODICE_DART.of(half), sheet, dart.inner(), dart.outer());
                }
            }
        }
    }
}
