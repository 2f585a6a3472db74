package bivouac.desktop.findings;

import bivouac.check.Checked;
import bivouac.check.finding.Finding;
import bivouac.design.Accepted;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What the Findings screen lists: the findings that a filter leaves, gathered under what they have in common. */
record FindingsState(List<Group> groups) {

    /** Which findings are listed. */
    enum Filter {
        ALL,
        WRONG,
        RISKY,
        HINT,
        ACCEPTED;

        /** What stands on its button; the counts stay whatever is listed. */
        String words(Checked checked) {
            return switch (this) {
                case ALL -> "all " + checked.open().size();
                case WRONG, RISKY, HINT -> {
                    Finding.Weight weight = Finding.Weight.valueOf(name());
                    long count = checked.open().stream()
                            .filter(f -> f.weight() == weight)
                            .count();
                    yield weight.word() + " " + count;
                }
                case ACCEPTED ->
                    "accepted " + (checked.accepted().size() + checked.gone().size());
            };
        }
    }

    /** How they are gathered. */
    enum By {
        CAUSE("by cause"),
        WINDOW("by window");

        private final String words;

        By(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** Findings with something in common. */
    record Group(String title, List<Row> rows) {}

    /**
     * A line of the list.
     *
     * @param finding what is found; empty for what was accepted and is found no more
     * @param accepted why it is taken as it is; empty while it is not
     */
    record Row(Optional<Finding> finding, Optional<Accepted> accepted) {
        static Row open(Finding finding) {
            return new Row(Optional.of(finding), Optional.empty());
        }

        String what() {
            return finding.map(Finding::what)
                    .orElseGet(() -> accepted.orElseThrow().finding());
        }
    }

    static FindingsState of(Checked checked, Filter filter, By by) {
        Stream<Row> rows =
                switch (filter) {
                    case ALL -> checked.open().stream().map(Row::open);
                    case WRONG, RISKY, HINT ->
                        checked.open().stream()
                                .filter(f -> f.weight() == Finding.Weight.valueOf(filter.name()))
                                .map(Row::open);
                    case ACCEPTED ->
                        Stream.concat(
                                checked.accepted().stream()
                                        .map(t -> new Row(Optional.of(t.finding()), Optional.of(t.why()))),
                                checked.gone().stream().map(a -> new Row(Optional.empty(), Optional.of(a))));
                };
        Map<String, List<Row>> groups = new LinkedHashMap<>();
        rows.forEach(r ->
                groups.computeIfAbsent(title(r, by), t -> new ArrayList<>()).add(r));
        return new FindingsState(groups.entrySet().stream()
                .map(e -> new Group(e.getKey(), List.copyOf(e.getValue())))
                .toList());
    }

    private static String title(Row row, By by) {
        return row.finding()
                .map(f -> switch (by) {
                    case CAUSE -> f.kind().cause().words();
                    case WINDOW -> f.place().window().orElse("The application");
                })
                .orElse("Not found any more");
    }

    /** What is said where nothing is listed: a heading, and what it means. */
    record Nothing(String head, String words) {
        static Nothing of(Checked checked, Filter filter) {
            return switch (filter) {
                case ACCEPTED ->
                    new Nothing(
                            "Nothing accepted.",
                            "A finding that is meant to be so is accepted with a reason, and is listed here then.");
                case ALL -> nothingAtAll();
                case WRONG, RISKY, HINT ->
                    checked.open().isEmpty()
                            ? nothingAtAll()
                            : ofOtherWeights(
                                    Finding.Weight.valueOf(filter.name()),
                                    checked.open().size());
            };
        }

        private static Nothing ofOtherWeights(Finding.Weight weight, int open) {
            String others = open == 1
                    ? "One finding is open, of another weight."
                    : open + " findings are open, of other weights.";
            return new Nothing(
                    "No finding is weighed " + weight.word() + ".", others + " All of them are listed under “all”.");
        }

        private static Nothing nothingAtAll() {
            return new Nothing(
                    "Nothing found.",
                    "Every window can be reached and left, every answer is answered, and no way out goes past"
                            + " what the others ask. Go on designing: what an edit breaks is listed here at once.");
        }
    }

    /** All rows, in the order in which they are listed. */
    List<Row> rows() {
        return groups.stream().flatMap(g -> g.rows().stream()).toList();
    }

    /** The row of what a finding says; the first where it is not listed. */
    Optional<Row> row(String what) {
        return rows().stream().filter(r -> r.what().equals(what)).findFirst().or(() -> rows().stream()
                .findFirst());
    }

    /** The row after, or before, the one of what a finding says; round and round. */
    Optional<Row> next(String what, int by) {
        List<Row> all = rows();
        int at = all.stream().map(Row::what).toList().indexOf(what);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(Math.floorMod(at < 0 ? 0 : at + by, all.size())));
    }
}
