package brightplumb.core.cutting;

import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Layer;
import brightplumb.core.rule.AllowanceSettings;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Whether every edge that is sewn has cloth beside its seam: a quarter of an inch where the cloth frays, an eighth
 * where it does not. Common practice, no source.
 */
final class SeamsHold {

    static final CheckId ID = new CheckId("seams.hold", "hold");

    /** What is sewn on or turned: cloth that frays pulls out where nothing is left beside it. */
    private static final Set<End> SEWN_OR_TURNED = EnumSet.of(End.SEWN, End.OPENING, End.HEM, End.ROLLED, End.CASING);

    /** Firm cloth may be left as it is cut where nothing is sewn to it. */
    private static final Set<End> SEWN = EnumSet.of(End.SEWN, End.OPENING);

    private static final double FRAYING = Length.INCH / 4;
    private static final double FIRM = Length.INCH / 8;

    private SeamsHold() {}

    static boolean applies(List<CutPiece> pieces) {
        return !Beside.of(pieces, Cloth.WOVEN).edges().isEmpty();
    }

    static Check of(List<CutPiece> pieces, Cloth cloth) {
        Beside beside = Beside.of(pieces, cloth);
        boolean hold = beside.bare().isEmpty();
        return new Check(
                        ID,
                        "Seams",
                        hold ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        beside.least().added(),
                        beside.wanted(),
                        0,
                        hold
                                ? "Every seam has cloth enough beside it."
                                : "A seam has too little cloth beside it to hold.",
                        hold
                                ? ""
                                : cloth.frays()
                                        ? "Less than {0.25} is added beside a seam, and the cloth frays."
                                        : "Less than {0.125} is added beside a seam.",
                        hold ? List.of() : List.of(more(beside)),
                        beside)
                .asFloor();
    }

    private static Remedy more(Beside beside) {
        Map<Setting, SettingValue> settings = new LinkedHashMap<>();
        beside.bare().forEach(e -> {
            Setting setting = AllowanceSettings.ofEdge(
                    e.cut().piece().id().toString(), e.edge().name());
            settings.put(setting, setting.value(beside.wanted()));
        });
        return new Remedy("Add what holds beside the seam", settings);
    }

    /** An edge that is sewn, and how far from the raw edge that is, mm. */
    record Sewn(CutPiece cut, Edge edge) {
        double added() {
            return cut.allowance(edge).fromRawEdge();
        }

        String name() {
            return cut.name() + ", " + edge.role().spoken();
        }
    }

    /** The edges that are sewn. */
    record Beside(List<Sewn> edges, double wanted) implements Evidence {

        static Beside of(List<CutPiece> pieces, Cloth cloth) {
            return new Beside(
                    pieces.stream()
                            .filter(cut -> cut.piece().layer() != Layer.FUSING)
                            .flatMap(cut -> cut.piece().edges().stream()
                                    .filter(e -> held(cut, cloth).contains(e.end()))
                                    .map(e -> new Sewn(cut, e)))
                            .toList(),
                    cloth.frays() ? FRAYING : FIRM);
        }

        /** A lining's hem is sewn to the shell's within its own line, not turned on it. */
        private static Set<End> held(CutPiece cut, Cloth cloth) {
            return cloth.frays() && cut.piece().layer() != Layer.LINING ? SEWN_OR_TURNED : SEWN;
        }

        Sewn least() {
            return edges.stream().min(Comparator.comparingDouble(Sewn::added)).orElseThrow();
        }

        List<Sewn> bare() {
            return edges.stream().filter(e -> e.added() < wanted - 1e-6).toList();
        }

        /** The edge that is looked at: the one with least beside it. */
        @Override
        public List<Figure> figures() {
            return List.of(
                    Figure.mm(least().name(), least().added()), new Figure("wanted", Quantity.MM, wanted, false));
        }

        @Override
        public Exhibit exhibit() {
            CutPiece cut = least().cut();
            Exhibit.Table table = new Exhibit.Table()
                    .draw(PENCIL, cut.piece().sewLine())
                    .draw(Exhibit.ink(cut.piece()), cut.cutLine());
            bare().stream()
                    .filter(e -> e.cut() == cut)
                    .forEach(e -> table.draw(FAULT, e.edge().run()));
            return table.done();
        }
    }
}
