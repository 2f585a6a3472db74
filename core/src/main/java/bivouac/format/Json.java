package bivouac.format;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A JSON value that knows where it stood. */
sealed interface Json {

    /** Where a value begins: line and column from 1, and the path to it ({@code /windows/2/title}). */
    record At(int line, int column, String path) {
        static final At NOWHERE = new At(0, 0, "");

        At in(String member) {
            return new At(line, column, path + "/" + member);
        }
    }

    At at();

    /** What kind of value it is, in words. */
    String kind();

    record Text(At at, String value) implements Json {
        @Override
        public String kind() {
            return "a text";
        }
    }

    record Whole(At at, long value) implements Json {
        @Override
        public String kind() {
            return "a whole number";
        }
    }

    record YesNo(At at, boolean value) implements Json {
        @Override
        public String kind() {
            return value ? "true" : "false";
        }
    }

    record Nothing(At at) implements Json {
        @Override
        public String kind() {
            return "null";
        }
    }

    record Items(At at, List<Json> values) implements Json {
        public Items {
            values = List.copyOf(values);
        }

        @Override
        public String kind() {
            return "a list";
        }
    }

    record Members(At at, Map<String, Json> values) implements Json {
        public Members {
            values = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(values));
        }

        @Override
        public String kind() {
            return "an object";
        }
    }
}
