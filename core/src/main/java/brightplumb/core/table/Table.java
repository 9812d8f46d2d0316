package brightplumb.core.table;

import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sentence;
import brightplumb.core.measure.Sheet;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.LaidOff;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.function.Consumer;

/**
 * What an operation works on: a body, the settings in force and the paper, on which it says its steps. One table serves
 * one operation.
 */
public final class Table {

    private final Sheet sheet;
    private final List<Measure> measures;
    private final Settings set;
    private final Hand hand;
    private final Draft before;
    private final Paper paper;

    private Table(Sheet sheet, List<Measure> measures, Settings set, Hand hand, Draft before) {
        this.sheet = sheet;
        this.measures = measures;
        this.set = set;
        this.hand = hand;
        this.before = before;
        this.paper = Paper.after(before);
    }

    /**
     * A table for the next operation on a draft.
     *
     * @param measures what the garment is drafted from
     */
    public static Table laid(Sheet sheet, List<Measure> measures, Settings set, Draft before) {
        return new Table(sheet, List.copyOf(measures), set, Hand.BOTH, before);
    }

    /** A table for one side of the body alone. */
    public Table on(Hand side) {
        return new Table(sheet, measures, set.on(Body.of(sheet, side)), side, before);
    }

    /** Returns the measures that were taken. */
    public Sheet sheet() {
        return sheet;
    }

    /** What the garment is drafted from. */
    public List<Measure> measures() {
        return measures;
    }

    /** Returns the body, its missing measures estimated. */
    public Body body() {
        return set.body();
    }

    /** Returns the settings in force. */
    public Settings set() {
        return set;
    }

    /** The side it is laid for; both where a pair is alike. */
    public Hand hand() {
        return hand;
    }

    /** Returns the sheet that is drawn on. */
    public Paper paper() {
        return paper;
    }

    /** A setting's amount. */
    public Amount set(Setting setting) {
        return set.amount(setting);
    }

    /** A measure that has a value, taken or estimated. */
    public Amount measure(Measure measure) {
        return body().find(measure).orElseThrow();
    }

    /** Says a step whose fact is the amount's own id. */
    public Amount step(Amount amount, String title, String why) {
        return paper.step(amount, title, Sentence.of(why));
    }

    /** Says a step whose fact is the amount's own id, with a reason that was given elsewhere. */
    public Amount step(Amount amount, String title, Sentence why) {
        return paper.step(amount, title, why);
    }

    /** Says a step that is no fact. */
    public Amount step(Fact fact, String title, Amount amount, String why) {
        return paper.step(fact, title, amount, Sentence.of(why));
    }

    /** Says a step that is no fact, with a reason that was given elsewhere. */
    public Amount step(Fact fact, String title, Amount amount, Sentence why) {
        return paper.step(fact, title, amount, why);
    }

    /** The draft as it stands after the operation, with its pattern. */
    public Draft finished(Pattern pattern) {
        return paper.finished(pattern);
    }

    /** The same, with the operation's amounts laid off where they lie on its pieces. */
    public Draft finished(Pattern pattern, Consumer<LaidOff> amounts) {
        LaidOff off = new LaidOff(paper.finished(pattern));
        amounts.accept(off);
        return off.done();
    }
}
