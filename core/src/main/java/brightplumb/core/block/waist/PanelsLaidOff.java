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
import brightplumb.core.pattern.Piece;
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
        for (String panel : List.of("front", "back")) {
            Piece piece = draft.panel(panel);
            panels.waist(panel, piece);
            panels.darts(panel, piece);
            panels.widths(panel, piece);
            draft.level("crotch").ifPresent(crotchY -> panels.fork(panel, piece, crotchY));
        }
        panels.openings();
        return panels.off.done();
    }

    private void depths() {
        off.down("hip.depth", "front", -BESIDE, 0, hipY);
        draft.level("crotch").ifPresent(crotchY -> {
            off.down("crotch.depth", "front", -2 * BESIDE, 0, crotchY);
            off.said("rise.ease")
                    .ifPresent(ease -> off.down("rise.ease", "front", -2 * BESIDE, crotchY - ease, crotchY));
        });
        off.said("knee.level").ifPresent(knee -> off.down("knee.level", "front", -3 * BESIDE, 0, knee));
        off.down("length", "front", -4 * BESIDE, 0, hemY);
    }

    private static Point centre(Piece piece) {
        return piece.top().run().get(0).from();
    }

    private static Point side(Piece piece) {
        List<Segment> run = piece.top().run();
        return run.get(run.size() - 1).to();
    }

    private void waist(String panel, Piece piece) {
        boolean behind = panel.equals("back");
        Point centre = centre(piece);
        Point side = side(piece);
        off.said("waist.quarter." + panel)
                .ifPresent(w -> off.across("waist.quarter." + panel, panel, 0, centre.x(), centre.x() + w));
        for (String in : behind ? List.of("centre.back.in", "back.in") : List.of("centre.in.front")) {
            off.across(in, panel, 0, 0, centre.x());
        }
        off.down(behind ? "centre.back.drop" : "centre.front.drop", panel, centre.x(), 0, centre.y());
        if (behind) {
            off.down("back.rise", panel, centre.x(), 0, centre.y());
        } else {
            off.down("side.rise", panel, side.x(), 0, side.y());
        }
        off.said("side.inset." + panel)
                .ifPresent(in -> off.across("side.inset." + panel, panel, 0, side.x(), side.x() + in));
    }

    /** An amount across the paper that ends at a place. */
    private void upTo(String step, String sheet, Point end) {
        off.said(step).ifPresent(by -> off.across(step, sheet, end.y(), end.x() - by, end.x()));
    }

    private void darts(String panel, Piece piece) {
        List<Dart> darts = piece.darts();
        for (Dart dart : darts) {
            off.off("dart.intake." + panel, panel, dart.inner(), dart.outer());
            off.off("dart.length." + panel, panel, dart.centre(), dart.point());
        }
        if (!darts.isEmpty()) {
            Point first = darts.get(0).centre();
            upTo("dart.place." + panel, panel, first);
        }
        if (darts.size() > 1) {
            Point second = darts.get(1).centre();
            upTo("dart.second." + panel, panel, second);
        }
    }

    private void widths(String panel, Piece piece) {
        boolean behind = panel.equals("back");
        double hip = sideX(piece, hipY);
        List<Segment> foot = piece.require(EdgeRole.HEM).run();
        double hem = foot.get(0).from().x();
        double innerHem = foot.get(foot.size() - 1).to().x();
        upTo("hip.quarter." + panel, panel, Point.of(hip, hipY));
        off.across("hem.quarter." + panel, panel, hemY, innerHem, hem);
        off.across("hem.width." + panel, panel, hemY, innerHem, hem);
        off.across("hem.girth", panel, hemY, innerHem, hem);
        upTo("hem.taper." + panel, panel, Point.of(hip, hemY));
        draft.level("knee").ifPresent(kneeY -> {
            off.across("knee.width." + panel, panel, kneeY, innerX(piece, kneeY), sideX(piece, kneeY));
            off.across("knee.girth", panel, kneeY, innerX(piece, kneeY), sideX(piece, kneeY));
        });
        if (behind) {
            off.said("hip.allocation").ifPresent(more -> off.across("hip.allocation", panel, hipY, hip - more, hip));
            off.said("back.hip.in").ifPresent(in -> off.across("back.hip.in", panel, hipY, 0, in));
            off.said("back.leg.add")
                    .ifPresent(wider -> off.across("back.leg.add", panel, hemY, innerHem, innerHem + wider));
            off.said("back.side.add").ifPresent(wider -> off.across("back.side.add", panel, hemY, hem - wider, hem));
        } else {
            upTo("hem.taper", panel, Point.of(hip, hemY));
            off.said("leg.front").stream()
                    .filter(wide -> Math.abs(wide - (hem - innerHem)) < SAME)
                    .forEach(wide -> off.across("leg.front", panel, hemY, innerHem, hem));
            off.said("taper.start").ifPresent(below -> off.down("taper.start", panel, hip, hipY, hipY + below));
        }
    }

    private void fork(String panel, Piece piece, double crotchY) {
        piece.edge(EdgeRole.CROTCH).map(Edge::run).ifPresent(crotch -> {
            Point fork = crotch.get(0).from();
            off.across("crotch.extension." + panel, panel, crotchY, fork.x(), 0);
            off.down("fork.drop", panel, fork.x(), crotchY, fork.y());
            double thigh = fork.y() + THIGH_BELOW;
            off.across("thigh.width." + panel, panel, thigh, innerX(piece, thigh), sideX(piece, thigh));
        });
        off.said("crease." + panel).ifPresent(crease -> {
            off.across("crease." + panel, panel, crotchY, 0, crease);
            off.helping("crease." + panel, panel, Point.of(crease, crotchY), Point.of(crease, hemY));
        });
    }

    private void openings() {
        for (String panel : List.of("front", "back")) {
            Piece piece = draft.panel(panel);
            for (EdgeRole opening : List.of(EdgeRole.FLY, EdgeRole.CENTRE_BACK_ZIP)) {
                piece.edge(opening).ifPresent(edge -> off.along("zip.length", panel, edge.run()));
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
