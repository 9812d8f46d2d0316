package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.Zone;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.Table;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * A part and an operation that nobody else knows: what they bring is drafted, joined, set, taken off and cut like any
 * other.
 */
class OwnPartTest {

    private static final Setting DEEP = Setting.length("sashDepth", "Sash", Zone.MAKING, "Deep", 20, 400);
    private static final Setting FRINGE = Setting.length("fringe", "Fringe", Zone.MAKING, "Long", 20, 300);
    private static final EdgeRole TOP = new EdgeRole("top", "top");
    private static final EdgeRole END = new EdgeRole("end", "end");
    private static final EdgeRole FOOT = new EdgeRole("foot", "foot");

    /** A sash as long as the waist. */
    private static final class Sash implements Operation {
        @Override
        public String id() {
            return "sash";
        }

        @Override
        public String title() {
            return "Sash";
        }

        @Override
        public Rank rank() {
            return Rank.BLOCK;
        }

        @Override
        public List<Setting> reads() {
            return List.of(DEEP);
        }

        @Override
        public Map<Setting, Rule> asks() {
            return Map.of(DEEP, Rule.inches(4, "A hand deep."));
        }

        @Override
        public Draft on(Draft before, Table table) {
            double waist = table.step(
                            table.measure(Measure.WAIST_GIRTH).as(new Fact("sash.length"), "sash length"),
                            "Sash long",
                            "Once round.")
                    .value();
            double deep = table.step(
                            table.set(DEEP).as(new Fact("sash.deep"), "sash depth"),
                            "Sash deep",
                            table.set().why(DEEP))
                    .value();
            Piece sash = rectangle("sash", "Sash", waist, deep);
            table.paper().draw("sash", Drawn.Role.OUTLINE, "", sash.sewLine());
            return table.finished(before.pattern().with(List.of(sash)));
        }
    }

    /** A fringe sewn to its foot. */
    private static final class Fringe implements Operation {
        @Override
        public String id() {
            return "fringe";
        }

        @Override
        public String title() {
            return "Fringe";
        }

        @Override
        public Rank rank() {
            return Rank.HEM;
        }

        @Override
        public List<Setting> reads() {
            return List.of(FRINGE);
        }

        @Override
        public Map<Setting, Rule> asks() {
            return Map.of(FRINGE, Rule.inches(2, "Two inches swing."));
        }

        @Override
        public boolean fits(Draft before) {
            return before.pattern().find(PieceId.of("sash")).isPresent();
        }

        @Override
        public Draft on(Draft before, Table table) {
            Piece sash = before.piece(PieceId.of("sash"));
            double deep = table.step(
                            table.set(FRINGE).as(new Fact("fringe.long"), "fringe"),
                            "Fringe long",
                            table.set().why(FRINGE))
                    .value();
            Piece fringe = rectangle("fringe", "Fringe", sash.require(FOOT).length(), deep);
            table.paper().draw("fringe", Drawn.Role.OUTLINE, "", fringe.sewLine());
            return table.finished(before.pattern()
                    .with(List.of(fringe))
                    .joined(List.of(Join.sewn(
                            new Seam("foot"),
                            Run.shut(sash, FOOT),
                            Run.shut(fringe, TOP).reversed()))));
        }
    }

    private static Piece rectangle(String id, String title, double wide, double deep) {
        Point a = Point.of(0, 0);
        Point b = Point.of(wide, 0);
        Point c = Point.of(wide, deep);
        Point d = Point.of(0, deep);
        List<Edge> edges = List.of(
                Edge.of(TOP, List.of(new Line(a, b))),
                Edge.of(END, List.of(new Line(b, c))),
                Edge.of(FOOT, List.of(new Line(c, d))),
                new Edge(END, 2, List.of(new Line(d, a)), End.SEWN));
        return Piece.of(
                PieceId.of(id),
                title,
                new Panel(id),
                edges,
                new Line(Point.of(wide / 4, deep / 2), Point.of(wide * 3 / 4, deep / 2)),
                new Copies.Singles(1),
                OnBody.NOWHERE);
    }

    private static final Part PART = new Part("sash", new Sash(), Parts.SKIRT.ways(), List.of(), List.of());
    private static final Cut CUT = Cut.of(
                    "sash", "Sash", "A sash.", Group.values()[0], PART, "house", List.of(Measure.WAIST_GIRTH), Map.of())
            .made(new Fringe());

    private static Drafted drafted(Map<Setting, SettingValue> byHand, MadeWith made) {
        return Drafting.draft(new DraftRequest(
                CUT,
                CUT.way("house").orElseThrow(),
                Bodies.withDepths(Bodies.all().get(10)),
                byHand,
                Cloth.WOVEN,
                made));
    }

    @Test
    void it_is_drafted_with_its_steps_facts_pieces_and_joins() {
        Draft draft = drafted(Map.of(), MadeWith.RECIPE).draft();
        assertThat(draft.pieces()).extracting(p -> p.id().toString()).containsExactly("sash", "fringe");
        assertThat(draft.facts()).containsKeys(new Fact("sash.length"), new Fact("sash.deep"), new Fact("fringe.long"));
        assertThat(draft.join(new Seam("foot")).eased()).isCloseTo(0, within(1e-9));
        assertThat(draft.steps()).extracting(s -> s.fact().id()).containsSubsequence("sash.length", "fringe.long");
    }

    @Test
    void its_amounts_are_set_by_hand_and_it_is_taken_off() {
        assertThat(drafted(Map.of(FRINGE, FRINGE.value(88)), MadeWith.RECIPE)
                        .draft()
                        .facts()
                        .get(new Fact("fringe.long"))
                        .value())
                .isEqualTo(88);
        Drafted bare = drafted(Map.of(), MadeWith.NOTHING);
        assertThat(bare.draft().pieces()).extracting(p -> p.id().toString()).containsExactly("sash");
        assertThat(bare.made())
                .filteredOn(m -> m.operation().id().equals("fringe"))
                .singleElement()
                .satisfies(m -> assertThat(m.done()).isFalse());
    }

    @Test
    void it_has_allowances_all_round_without_a_word_of_its_own() {
        for (CutPiece piece : drafted(Map.of(), MadeWith.RECIPE).pieces()) {
            assertThat(Outlines.area(piece.cutLine()))
                    .isGreaterThan(Outlines.area(piece.piece().sewLine()) + 1);
        }
    }
}
