package brightplumb.core.paper;

import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.AbstractMap;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/** Facts in the order they were found. Nobody can change them, so that a draft with another pattern keeps the same. */
final class OrderedFacts extends AbstractMap<Fact, Amount> {

    private final Map<Fact, Amount> all;

    private OrderedFacts(Map<Fact, Amount> all) {
        this.all = all;
    }

    static Map<Fact, Amount> of(Map<Fact, Amount> facts) {
        return facts instanceof OrderedFacts
                ? facts
                : new OrderedFacts(Collections.unmodifiableMap(new LinkedHashMap<>(facts)));
    }

    @Override
    public Amount get(Object id) {
        return all.get(id);
    }

    @Override
    public boolean containsKey(Object id) {
        return all.containsKey(id);
    }

    @Override
    public int size() {
        return all.size();
    }

    @Override
    public Set<Entry<Fact, Amount>> entrySet() {
        return all.entrySet();
    }
}
