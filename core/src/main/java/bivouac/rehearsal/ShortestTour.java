package bivouac.rehearsal;

import bivouac.machine.Event;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The walkthroughs that meet all that a map can meet with the fewest events together, each from the start. Searched breadth
 * first over pairs of a situation and what was met on the way to it, where going back to the start costs nothing; so it is
 * exact, and doubles with each thing that is missing. Where that is too much, it is exact for as much of it as can be, what
 * is met in the fewest places first.
 */
final class ShortestTour {

    /** As many pairs are looked at; four bytes are needed for each, twice. */
    private static final int MOST_PAIRS = 1 << 23;

    private static final int UNSEEN = -2;
    private static final int BEGINNING = -1;

    private final TourMap map;
    private final int size;
    /** The bits of what has to be met in a mask. */
    private final Map<Integer, Integer> bits;

    private final int[] before;
    private final int[] by;

    private ShortestTour(TourMap map, Map<Integer, Integer> bits) {
        this.map = map;
        this.size = map.size();
        this.bits = bits;
        this.before = new int[size << bits.size()];
        this.by = new int[before.length];
        Arrays.fill(before, UNSEEN);
    }

    /**
     * What came of it.
     *
     * @param isWhole whether all was counted that the map can meet; so the walks are the shortest that meet it
     */
    record Found(List<List<Event>> walks, boolean isWhole) {}

    static Found of(TourMap map) {
        List<Integer> deciding = deciding(map);
        int most = 0;
        while (((long) map.size() << (most + 1)) <= MOST_PAIRS) {
            most++;
        }
        Map<Integer, Integer> bits = new HashMap<>();
        deciding.stream().limit(most).forEach(one -> bits.put(one, bits.size()));
        return new Found(new ShortestTour(map, bits).walks(), bits.size() == deciding.size());
    }

    /** What does not come along wherever something else is met; first what is met in the fewest places. */
    private static List<Integer> deciding(TourMap map) {
        Map<Integer, BitSet> meetings = new HashMap<>();
        int edge = 0;
        for (int at = 0; at < map.size(); at++) {
            for (TourMap.Way way : map.ways(at)) {
                int number = edge++;
                way.meets().stream().forEach(c -> meetings.computeIfAbsent(c, n -> new BitSet())
                        .set(number));
            }
        }
        return meetings.keySet().stream()
                .filter(one -> meetings.keySet().stream().noneMatch(other -> comesWith(meetings, one, other)))
                .sorted(Comparator.comparingInt(
                                (Integer one) -> meetings.get(one).cardinality())
                        .thenComparingInt(one -> one))
                .toList();
    }

    private static boolean comesWith(Map<Integer, BitSet> meetings, int one, int other) {
        if (one == other) {
            return false;
        }
        BitSet without = (BitSet) meetings.get(other).clone();
        without.andNot(meetings.get(one));
        boolean same = meetings.get(one).equals(meetings.get(other));
        return without.isEmpty() && (!same || other < one);
    }

    private List<List<Event>> walks() {
        int all = (1 << bits.size()) - 1;
        var open = new ArrayDeque<Integer>();
        before[0] = BEGINNING;
        open.add(0);
        int last = all == 0 ? 0 : -1;
        while (last < 0) {
            int pair = open.poll();
            int mask = pair / size;
            List<TourMap.Way> ways = map.ways(pair % size);
            for (int i = 0; i < ways.size() && last < 0; i++) {
                int met = mask | mask(ways.get(i).meets());
                int next = met * size + ways.get(i).to();
                reach(next, pair, i, open);
                if (met == all) {
                    last = next;
                } else if (met != mask) {
                    reach(met * size, next, BEGINNING, open);
                }
            }
        }
        return walks(last);
    }

    /** The start with what was met so far is as near as where it was met. */
    private void reach(int pair, int from, int way, ArrayDeque<Integer> open) {
        if (before[pair] == UNSEEN) {
            before[pair] = from;
            by[pair] = way;
            open.add(pair);
        }
    }

    private int mask(BitSet meets) {
        int mask = 0;
        for (int c = meets.nextSetBit(0); c >= 0; c = meets.nextSetBit(c + 1)) {
            Integer bit = bits.get(c);
            mask |= bit == null ? 0 : 1 << bit;
        }
        return mask;
    }

    private List<List<Event>> walks(int last) {
        var walks = new ArrayList<List<Event>>();
        var walk = new ArrayList<Event>();
        for (int at = last; before[at] != BEGINNING; at = before[at]) {
            if (by[at] == BEGINNING) {
                walks.addFirst(List.copyOf(walk.reversed()));
                walk.clear();
            } else {
                walk.add(map.ways(before[at] % size).get(by[at]).event());
            }
        }
        if (!walk.isEmpty()) {
            walks.addFirst(List.copyOf(walk.reversed()));
        }
        return walks;
    }
}
