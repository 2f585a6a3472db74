package bivouac.desktop.overview;

import bivouac.overview.Overview;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Which windows of an overview are meant by what is typed: by name, by a trigger, or by what is folded behind them. */
final class FarSearch {

    private FarSearch() {}

    /** The numbers of the cards, in order; all of them where nothing is typed. */
    static List<Integer> hits(Overview state, String typed) {
        String sought = plain(typed);
        return IntStream.range(0, state.cards().size())
                .filter(i -> words(state.cards().get(i)).anyMatch(w -> plain(w).contains(sought)))
                .boxed()
                .toList();
    }

    private static Stream<String> words(Overview.Card card) {
        return Stream.concat(
                Stream.of(card.window().name().shown(), card.window().kind()),
                Stream.concat(
                        card.rows().stream().map(Overview.Row::name),
                        card.rows().stream()
                                .flatMap(r -> r.folded().stream())
                                .map(f -> f.box().name().shown())));
    }

    private static String plain(String words) {
        return words.strip().toLowerCase(Locale.ROOT);
    }

    /** The hit after one, the first after the last. */
    static int after(List<Integer> hits, int card) {
        return hits.stream().filter(h -> h > card).findFirst().orElse(hits.getFirst());
    }
}
