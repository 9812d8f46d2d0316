package brightplumb.core.paper;

import brightplumb.core.measure.Sentence;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;

/**
 * One step of a draft in the cutter's order.
 *
 * @param fact what is worked out, by its stable name
 * @param title what is worked out
 * @param amount the value with its working
 * @param why the reason in plain words
 * @param drawn what it put on the paper
 */
public record Step(Fact fact, String title, Amount amount, Sentence why, List<Drawn> drawn) {

    public Step {
        drawn = List.copyOf(drawn);
    }
}
