package undersaw.calc;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * One number for each member of a dimension that has one, by the member's place.
 *
 * <p>A column is never changed: a {@link Draft} copies the pieces that it writes to and shares the others, so that one
 * member changed costs one piece, however many members there are.
 */
final class Column {
    private static final int SHIFT = 8;
    private static final int PIECE = 1 << SHIFT;
    private static final int MASK = PIECE - 1;

    /** Numbers of one piece, with a bit for each that is there. */
    private record Piece(long[] numbers, long[] there) {
        Piece() {
            this(new long[PIECE], new long[PIECE / Long.SIZE]);
        }

        Piece copy() {
            return new Piece(numbers.clone(), there.clone());
        }

        boolean has(int at) {
            return (there[at / Long.SIZE] >>> at & 1) != 0;
        }
    }

    static final Column EMPTY = new Column(new Piece[0], 0);

    private final Piece[] pieces;
    private final int count;

    private Column(Piece[] pieces, int count) {
        this.pieces = pieces;
        this.count = count;
    }

    /** Whether the member at the place has a number. */
    boolean has(int place) {
        return has(pieces, place);
    }

    /** The number of the member at the place; 0 where it has none. */
    long at(int place) {
        return at(pieces, place);
    }

    /** How many members have a number. */
    int count() {
        return count;
    }

    /** The sum of all numbers, without cells that hold words; throws where it leaves the range of a long. */
    long sum() {
        long sum = 0;
        for (Piece piece : pieces) {
            if (piece != null) {
                for (long number : piece.numbers) {
                    sum = Math.addExact(sum, number == Cell.WORDS ? 0 : number);
                }
            }
        }
        return sum;
    }

    Draft draft() {
        return new Draft(this);
    }

    private static boolean has(Piece[] pieces, int place) {
        int piece = place >> SHIFT;
        return piece < pieces.length && pieces[piece] != null && pieces[piece].has(place & MASK);
    }

    private static long at(Piece[] pieces, int place) {
        int piece = place >> SHIFT;
        return piece < pieces.length && pieces[piece] != null ? pieces[piece].numbers[place & MASK] : 0;
    }

    /** A column while it is written. */
    static final class Draft {
        private Piece[] pieces;
        private boolean[] own;
        private int count;

        private Draft(Column from) {
            pieces = from.pieces.clone();
            own = new boolean[pieces.length];
            count = from.count;
        }

        boolean has(int place) {
            return Column.has(pieces, place);
        }

        long at(int place) {
            return Column.at(pieces, place);
        }

        int count() {
            return count;
        }

        /** Puts the number there, or takes it away where there is none. */
        void set(int place, @Nullable Long number) {
            if (number == null) {
                remove(place);
            } else {
                put(place, number);
            }
        }

        /** The same where nothing and zero are one. */
        void setUnlessZero(int place, long number) {
            set(place, number == 0 ? null : Long.valueOf(number));
        }

        void put(int place, long number) {
            Piece piece = owned(place >> SHIFT);
            int at = place & MASK;
            if (!piece.has(at)) {
                piece.there[at / Long.SIZE] |= 1L << at;
                count++;
            }
            piece.numbers[at] = number;
        }

        void remove(int place) {
            if (has(place)) {
                Piece piece = owned(place >> SHIFT);
                int at = place & MASK;
                piece.there[at / Long.SIZE] &= ~(1L << at);
                piece.numbers[at] = 0;
                count--;
            }
        }

        private Piece owned(int index) {
            if (index >= pieces.length) {
                pieces = Arrays.copyOf(pieces, index + 1);
                own = Arrays.copyOf(own, index + 1);
            }
            if (!own[index]) {
                pieces[index] = pieces[index] == null ? new Piece() : pieces[index].copy();
                own[index] = true;
            }
            return pieces[index];
        }

        /** The column as written; the draft is not written to afterwards. */
        Column done() {
            return count == 0 ? EMPTY : new Column(pieces, count);
        }
    }
}
