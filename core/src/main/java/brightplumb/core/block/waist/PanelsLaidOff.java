package brightplumb.core.block.waist;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.LaidOff;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.ClosureSettings;
import brightplumb.core.rule.CrotchSettings;
import brightplumb.core.rule.HemSettings;
import brightplumb.core.rule.HipSettings;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.LegSettings;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.working.Fact;
import java.util.List;

/**
 * Where on the paper the amounts of panels lie that hang from the waist: levels down the centre, widths across them,
 * darts in the waist.
 */
public final class PanelsLaidOff {

    /** Depths are laid off beside the centre, one further out than the other, mm. */
    private static final double BESIDE = 24;

    /** The foot of a leg that ends higher is not on the paper: its width is laid off where it is the hem's, mm. */
    private static final double SAME = 1;

    private static final double THIGH_BELOW = Length.INCH;

    private final Draft draft;
    private final LaidOff off;
    private final double hipY;
    private final double hemY;

    private PanelsLaidOff(Draft draft) {
        this.draft = draft;
        this.off = new LaidOff(draft);
        this.hipY = draft.level("hip").orElseThrow();
        this.hemY = draft.level("hem").orElseThrow();
    }

    /** The draft with its amounts laid off, panels drawn on the sheets of their names. */
    public static Draft on(Draft draft) {
        PanelsLaidOff panels = new PanelsLaidOff(draft);
        panels.depths();
        for (Half half : Half.values()) {
            Piece piece = draft.panel(half.panel());
            panels.waist(half, piece);
            panels.darts(half, piece);
            panels.widths(half, piece);
            draft.level("crotch").ifPresent(crotchY -> panels.fork(half, piece, crotchY));
        }
        panels.openings();
        return panels.off.done();
    }

    private void depths() {
        off.down(Fact.HIP_DEPTH, Half.FRONT.id(), -BESIDE, 0, hipY);
        draft.level("crotch").ifPresent(crotchY -> {
            off.down(LegFacts.CROTCH_DEPTH, Half.FRONT.id(), -2 * BESIDE, 0, crotchY);
            off.said(CrotchSettings.RISE_EASE.fact())
                    .ifPresent(ease -> off.down(
                            CrotchSettings.RISE_EASE.fact(), Half.FRONT.id(), -2 * BESIDE, crotchY - ease, crotchY));
        });
        off.said(HemSettings.KNEE_LEVEL.fact())
                .ifPresent(knee -> off.down(HemSettings.KNEE_LEVEL.fact(), Half.FRONT.id(), -3 * BESIDE, 0, knee));
        off.down(Fact.LENGTH, Half.FRONT.id(), -4 * BESIDE, 0, hemY);
    }

    private static Point centre(Piece piece) {
        return piece.top().run().get(0).from();
    }

    private static Point side(Piece piece) {
        List<Segment> run = piece.top().run();
        return run.get(run.size() - 1).to();
    }

    private void waist(Half half, Piece piece) {
        boolean behind = half == Half.BACK;
        Point centre = centre(piece);
        Point side = side(piece);
        off.said(PanelFacts.WAIST_QUARTER.of(half))
                .ifPresent(
                        w -> off.across(PanelFacts.WAIST_QUARTER.of(half), half.id(), 0, centre.x(), centre.x() + w));
        for (Fact in : behind
                ? List.of(PanelFacts.CENTRE_BACK_IN, PanelFacts.BACK_IN)
                : List.of(PanelFacts.CENTRE_IN.of(Half.FRONT))) {
            off.across(in, half.id(), 0, 0, centre.x());
        }
        off.down(
                behind ? WaistSettings.CENTRE_BACK_DROP.fact() : WaistSettings.CENTRE_FRONT_DROP.fact(),
                half.id(),
                centre.x(),
                0,
                centre.y());
        if (behind) {
            off.down(LegFacts.BACK_RISE, half.id(), centre.x(), 0, centre.y());
        } else {
            off.down(WaistSettings.SIDE_RISE.fact(), half.id(), side.x(), 0, side.y());
        }
        off.said(PanelFacts.SIDE_INSET.of(half))
                .ifPresent(in -> off.across(PanelFacts.SIDE_INSET.of(half), half.id(), 0, side.x(), side.x() + in));
    }

    /** An amount across the paper that ends at a place. */
    private void upTo(Fact step, String sheet, Point end) {
        off.said(step).ifPresent(by -> off.across(step, sheet, end.y(), end.x() - by, end.x()));
    }

    private void darts(Half half, Piece piece) {
        List<Dart> darts = piece.darts();
        for (Dart dart : darts) {
            off.off(PanelFacts.DART_INTAKE.of(half), half.id(), dart.inner(), dart.outer());
            off.off(PanelFacts.DART_LENGTH.of(half), half.id(), dart.centre(), dart.point());
        }
        if (!darts.isEmpty()) {
            Point first = darts.get(0).centre();
            upTo(PanelFacts.DART_PLACE.of(half), half.id(), first);
            upTo(PanelFacts.DART_FROM_CENTRE.of(half), half.id(), first);
        }
        if (darts.size() > 1) {
            Point second = darts.get(1).centre();
            upTo(PanelFacts.DART_SECOND.of(half), half.id(), second);
        }
    }

    private void widths(Half half, Piece piece) {
        boolean behind = half == Half.BACK;
        double hip = sideX(piece, hipY);
        List<Segment> foot = piece.require(EdgeRole.HEM).run();
        double hem = foot.get(0).from().x();
        double innerHem = foot.get(foot.size() - 1).to().x();
        upTo(PanelFacts.HIP_QUARTER.of(half), half.id(), Point.of(hip, hipY));
        off.across(PanelFacts.HEM_QUARTER.of(half), half.id(), hemY, innerHem, hem);
        off.across(LegFacts.HEM_WIDTH.of(half), half.id(), hemY, innerHem, hem);
        off.across(Fact.HEM_GIRTH, half.id(), hemY, innerHem, hem);
        upTo(HemSettings.HEM_TAPER.fact().of(half), half.id(), Point.of(hip, hemY));
        draft.level("knee").ifPresent(kneeY -> {
            off.across(LegFacts.KNEE_WIDTH.of(half), half.id(), kneeY, innerX(piece, kneeY), sideX(piece, kneeY));
            off.across(LegFacts.KNEE_GIRTH, half.id(), kneeY, innerX(piece, kneeY), sideX(piece, kneeY));
        });
        if (behind) {
            off.said(HipSettings.HIP_ALLOCATION.fact())
                    .ifPresent(more -> off.across(HipSettings.HIP_ALLOCATION.fact(), half.id(), hipY, hip - more, hip));
            off.said(HipSettings.BACK_HIP_IN.fact())
                    .ifPresent(in -> off.across(HipSettings.BACK_HIP_IN.fact(), half.id(), hipY, 0, in));
            off.said(LegSettings.BACK_LEG_ADD.fact())
                    .ifPresent(wider ->
                            off.across(LegSettings.BACK_LEG_ADD.fact(), half.id(), hemY, innerHem, innerHem + wider));
            off.said(LegSettings.BACK_SIDE_ADD.fact())
                    .ifPresent(
                            wider -> off.across(LegSettings.BACK_SIDE_ADD.fact(), half.id(), hemY, hem - wider, hem));
        } else {
            upTo(HemSettings.HEM_TAPER.fact(), half.id(), Point.of(hip, hemY));
            off.said(LegFacts.LEG_FRONT).stream()
                    .filter(wide -> Math.abs(wide - (hem - innerHem)) < SAME)
                    .forEach(wide -> off.across(LegFacts.LEG_FRONT, half.id(), hemY, innerHem, hem));
            off.said(HemSettings.TAPER_START.fact())
                    .ifPresent(below -> off.down(HemSettings.TAPER_START.fact(), half.id(), hip, hipY, hipY + below));
        }
    }

    private void fork(Half half, Piece piece, double crotchY) {
        piece.edge(EdgeRole.CROTCH).map(Edge::run).ifPresent(crotch -> {
            Point fork = crotch.get(0).from();
            off.across(LegFacts.CROTCH_EXTENSION.of(half), half.id(), crotchY, fork.x(), 0);
            off.down(LegFacts.FORK_DROP, half.id(), fork.x(), crotchY, fork.y());
            double thigh = fork.y() + THIGH_BELOW;
            off.across(LegFacts.THIGH_WIDTH.of(half), half.id(), thigh, innerX(piece, thigh), sideX(piece, thigh));
        });
        off.said(LegFacts.CREASE.of(half)).ifPresent(crease -> {
            off.across(LegFacts.CREASE.of(half), half.id(), crotchY, 0, crease);
            off.helping(LegFacts.CREASE.of(half), half.id(), Point.of(crease, crotchY), Point.of(crease, hemY));
        });
    }

    private void openings() {
        for (Half half : Half.values()) {
            Piece piece = draft.panel(half.panel());
            for (EdgeRole opening : List.of(EdgeRole.FLY, EdgeRole.CENTRE_BACK_ZIP)) {
                piece.edge(opening)
                        .ifPresent(edge -> off.along(ClosureSettings.ZIP_LENGTH.fact(), half.id(), edge.run()));
            }
        }
    }

    private static double sideX(Piece piece, double y) {
        return Curves.xAtLevel(piece.require(EdgeRole.SIDE).run(), y)
                .orElseGet(
                        () -> piece.require(EdgeRole.SIDE).run().get(0).from().x());
    }

    /** Where a level meets the centre or the inseam; 0, the centre line, where it meets neither. */
    private static double innerX(Piece piece, double y) {
        List<Segment> inner = piece.edges().stream()
                .filter(e -> !e.role().equals(EdgeRole.SIDE) && !e.role().equals(EdgeRole.HEM) && e != piece.top())
                .flatMap(e -> e.run().stream())
                .toList();
        return Curves.xAtLevel(inner, y)
                .orElseGet(() -> piece.edge(EdgeRole.HEM)
                        .map(e -> e.run().get(e.run().size() - 1).to().x())
                        .orElse(0.0));
    }
}
