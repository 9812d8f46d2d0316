package brightplumb.core.cutting;

import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;

import brightplumb.core.geometry.Curves;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Fold;
import brightplumb.core.pattern.Mark;
import brightplumb.core.rule.AllowanceSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Lines;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Whether the edges of a slit, or of a kick fold, have enough cloth to turn: an inch at least. Common practice, no
 * source.
 */
final class SlitTurns {

    static final CheckId ID = new CheckId("slit.turns", "turns");

    private static final double LEAST = Length.INCH;

    private SlitTurns() {}

    static boolean applies(List<CutPiece> pieces) {
        return !Turned.of(pieces).edges().isEmpty();
    }

    static Check of(List<CutPiece> pieces) {
        Turned turned = Turned.of(pieces);
        boolean turns = turned.least() >= LEAST - 1e-6;
        return new Check(
                        ID,
                        "Slit turn",
                        turns ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        turned.least(),
                        LEAST,
                        0,
                        turns
                                ? "The edges of the opening have cloth enough to turn."
                                : "The edges of the opening have too little cloth to turn.",
                        turns ? "" : "Less than {1} is added beside the opening.",
                        turns
                                ? List.of()
                                : List.of(new Remedy(
                                        "Add {1} beside the opening",
                                        Map.of(
                                                AllowanceSettings.CENTRE_ALLOWANCE,
                                                AllowanceSettings.CENTRE_ALLOWANCE.value(LEAST),
                                                AllowanceSettings.ZIP_ALLOWANCE,
                                                AllowanceSettings.ZIP_ALLOWANCE.value(LEAST)))),
                        turned)
                .asFloor();
    }

    /** An edge that turns, on its piece. */
    private record OnPiece(CutPiece cut, Edge edge) {
        double allowance() {
            return cut.allowance(edge).outside();
        }
    }

    /** The edges that turn. */
    record Turned(List<OnPiece> edges) implements Evidence {

        static Turned of(List<CutPiece> pieces) {
            return new Turned(pieces.stream().flatMap(Turned::edges).toList());
        }

        private static Stream<OnPiece> edges(CutPiece cut) {
            boolean slit = cut.piece().marks().stream().map(Mark::subject).anyMatch(Mark.Subject.SLIT::equals);
            boolean kick = cut.piece().folds().stream().anyMatch(f -> f.kind() == Fold.Kind.KICK);
            return cut.piece().edges().stream()
                    .filter(e -> slit && e.role().equals(EdgeRole.CENTRE_BACK)
                            || kick && e.end() == End.OPENING && !e.role().equals(EdgeRole.CENTRE_BACK_ZIP))
                    .map(e -> new OnPiece(cut, e));
        }

        double least() {
            return edges.stream().mapToDouble(OnPiece::allowance).min().orElse(LEAST);
        }

        @Override
        public List<Figure> figures() {
            return edges.stream()
                    .map(e -> Figure.mm(e.cut().name() + ", " + e.edge().role().spoken(), e.allowance()))
                    .toList();
        }

        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            for (OnPiece each : edges) {
                double hem = each.cut()
                        .piece()
                        .require(EdgeRole.HEM)
                        .run()
                        .get(0)
                        .from()
                        .y();
                double top = Curves.flattened(each.edge().run(), 8).stream()
                        .mapToDouble(p -> p.y())
                        .min()
                        .orElse(0);
                double from = Math.max(top, hem - 12 * Length.INCH) - 40;
                table.draw(PENCIL, Lines.below(each.cut().piece().sewLine(), from))
                        .draw(
                                Exhibit.ink(each.cut().piece()),
                                Lines.below(each.cut().cutLine(), from))
                        .draw(
                                each.allowance() >= LEAST - 1e-6 ? Exhibit.Ink.PLAIN : FAULT,
                                Lines.below(each.edge().run(), from));
            }
            return table.done();
        }
    }
}
