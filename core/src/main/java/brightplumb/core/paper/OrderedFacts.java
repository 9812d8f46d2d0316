package brightplumb.core.paper;

import brightplumb.core.working.Amount;
import java.util.AbstractMap;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/** Facts in the order they were found. Nobody can change them, so that a draft with another pattern keeps the same. */
final class OrderedFacts extends AbstractMap<String, Amount> {

    private final Map<String, Amount> all;

    private OrderedFacts(Map<String, Amount> all) {
        this.all = all;
    }

    static Map<String, Amount> of(Map<String, Amount> facts) {
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
    public Set<Entry<String, Amount>> entrySet() {
        return all.entrySet();
    }
}
