package brightplumb.core.rule;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Sentence;
import brightplumb.core.working.Amount;
import java.util.function.Function;

/** How a way, or a cut, gives a setting its value. */
public sealed interface Rule {

    /** Why it is done so, in plain words. */
    Sentence why();

    /** An amount worked out from the body and the cloth. */
    record Worked(Function<Given, Amount> amount, Sentence why) implements Rule {}

    /** A named choice, the same for every body or chosen by what else is set. */
    record Chosen(Function<Given, Choice> choice, Sentence why) implements Rule {}

    /** So many inches, for every body. */
    static Rule inches(double inches, String why) {
        return new Worked(given -> Amount.byHabit(inches), Sentence.of(why));
    }

    /** A length, for every body. */
    static Rule fixed(Length length, String why) {
        return new Worked(given -> Amount.byHabit(length), Sentence.of(why));
    }

    /** What fits a grown woman; in proportion on a child, who has no room for it, and never more on anyone. */
    static Rule inProportion(Amount habit, String why) {
        return new Worked(given -> given.inProportion(habit).atMost(habit), Sentence.of(why));
    }

    /** An amount by formula. */
    static Rule worked(Function<Given, Amount> amount, String why) {
        return new Worked(amount, Sentence.of(why));
    }

    /** A named choice. */
    static Rule chosen(Choice choice, String why) {
        return new Chosen(given -> choice, Sentence.of(why));
    }

    /** A choice that hangs on what else is set. */
    static Rule choosing(Function<Given, Choice> choice, String why) {
        return new Chosen(choice, Sentence.of(why));
    }
}
