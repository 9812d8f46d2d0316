package brightplumb.core.style.drawn;

import static brightplumb.core.rule.DrawnSettings.BELT_BEYOND;
import static brightplumb.core.rule.DrawnSettings.BELT_HEIGHT;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Placed;
import brightplumb.core.pattern.Rectangle;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;

/** A belt, cut double on its fold and tied or buckled. Common practice, no source. */
public final class Belt implements Operation {

    private static final Panel BELT_PANEL = new Panel("belt");

    private static final Fact BELT_LENGTH = new Fact("belt.length");

    private static final StepId STEP = new StepId("belt");

    private static final PieceId BELT = PieceId.of("belt");
    private static final EdgeRole LONG = new EdgeRole("long", "long edge");
    private static final EdgeRole END = new EdgeRole("end", "end");

    @Override
    public String id() {
        return "belt";
    }

    @Override
    public String title() {
        return "Belt";
    }

    @Override
    public Rank rank() {
        return Rank.FINISH;
    }

    @Override
    public List<Setting> reads() {
        return List.of(BELT_HEIGHT, BELT_BEYOND);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                BELT_HEIGHT, Rule.inches(1.5, "{1.5}, finished."),
                BELT_BEYOND, Rule.inches(8, "{8} to lap and to buckle; thirty to tie."));
    }

    @Override
    public Draft on(Draft before, Table table) {
        Amount high = table.step(
                BELT_HEIGHT.fact(),
                "Belt high, finished",
                table.set(BELT_HEIGHT),
                table.set().why(BELT_HEIGHT));
        Amount long_ = table.step(
                table.body().waist().plus(table.set(BELT_BEYOND)).as(BELT_LENGTH, "belt"),
                "Belt long",
                table.set().why(BELT_BEYOND));
        Piece belt = Rectangle.along(Rectangle.of(
                        BELT,
                        "Belt",
                        BELT_PANEL,
                        long_.value(),
                        2 * high.value(),
                        LONG,
                        END,
                        LONG,
                        END,
                        new Copies.Singles(1)))
                .placing(new Placed(
                        "fold",
                        "fold",
                        List.of(new Line(Point.of(0, high.value()), Point.of(long_.value(), high.value())))));
        Piece fusing = Rectangle.along(Rectangle.of(
                        BELT.fusing(),
                        "Belt fusing",
                        BELT_PANEL,
                        long_.value(),
                        high.value(),
                        LONG,
                        END,
                        LONG,
                        END,
                        new Copies.Singles(1)))
                .in(Layer.FUSING)
                .ending(LONG, End.RAW)
                .ending(END, End.RAW);
        table.paper().draw(BELT.toString(), Drawn.Role.OUTLINE, "", belt.sewLine());
        return table.finished(
                before.pattern().with(List.of(belt, fusing)),
                off -> off.down(BELT_HEIGHT.fact(), BELT.toString(), 0, high.value(), 2 * high.value())
                        .across(BELT_LENGTH, BELT.toString(), 2 * high.value(), 0, long_.value()));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(MakingStep.of(
                        STEP,
                        "Belt",
                        Work.DRAW_IN,
                        "Fold it right sides together; sew the ends and the long edge, {3 in} left open. Trim, turn, "
                                + "press, and close the gap.",
                        "Work a thread carrier at each side seam, or tack the belt at the centre back.")
                .on(after.pieces().stream().map(Piece::id).filter(BELT::equals))
                .looking(List.of(Figure.mm(
                        "long, finished", after.piece(BELT).edges().get(0).length())))
                .after(StepId.MARK, StepId.FUSE)
                .after(Seam.SIDE));
    }
}
