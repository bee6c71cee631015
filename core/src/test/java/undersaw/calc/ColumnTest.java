package undersaw.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Columns of numbers held against a map of the standard library. */
class ColumnTest {
    private static final int PLACES = 1_000;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void holdsWhatAMapHoldsAndEarlierColumnsStayAsTheyWere(long seed) {
        Random chance = new Random(seed);
        List<Column> columns = new ArrayList<>();
        List<Map<Integer, Long>> maps = new ArrayList<>();
        Column column = Column.EMPTY;
        Map<Integer, Long> map = new HashMap<>();
        for (int step = 0; step < 60; step++) {
            Column.Draft draft = column.draft();
            for (int i = 0; i < 40; i++) {
                int place = chance.nextInt(PLACES);
                if (chance.nextInt(3) == 0) {
                    draft.remove(place);
                    map.remove(place);
                } else {
                    long number = chance.nextInt(5) - 2;
                    draft.put(place, number);
                    map.put(place, number);
                }
            }
            column = draft.done();
            columns.add(column);
            maps.add(new HashMap<>(map));
        }
        for (int i = 0; i < columns.size(); i++) {
            holds(columns.get(i), maps.get(i));
        }
    }

    private static void holds(Column column, Map<Integer, Long> map) {
        assertThat(column.count()).isEqualTo(map.size());
        for (int place = 0; place < PLACES + 300; place++) {
            assertThat(column.has(place)).isEqualTo(map.containsKey(place));
            assertThat(column.at(place)).isEqualTo(map.getOrDefault(place, 0L));
        }
    }

    @Test
    void aSumThatLeavesItsRangeIsRefused() {
        Column.Draft draft = Column.EMPTY.draft();
        draft.put(0, Long.MAX_VALUE);
        draft.put(700, 1);
        assertThatThrownBy(draft.done()::sum).isInstanceOf(ArithmeticException.class);
    }
}
