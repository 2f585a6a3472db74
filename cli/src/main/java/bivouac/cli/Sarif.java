package bivouac.cli;

import bivouac.check.Checked;
import bivouac.check.finding.Finding;
import bivouac.check.known.Place;
import bivouac.format.MadeFile;
import bivouac.format.Places;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Findings as a SARIF 2.1.0 log, which build servers and editors read: a result for each, with its place in the file. */
final class Sarif {

    private static final String SCHEMA =
            "https://docs.oasis-open.org/sarif/sarif/v2.1.0/errata01/os/schemas/sarif-schema-2.1.0.json";

    private Sarif() {}

    /**
     * @param file as the report names it, with / between folders
     * @param version of Bivouac
     */
    static String of(String file, Places places, Checked checked, String version) {
        var results = new ArrayList<Map<String, Object>>();
        checked.open().forEach(f -> results.add(result(file, places, f)));
        checked.accepted().forEach(t -> {
            Map<String, Object> result = result(file, places, t.finding());
            result.put(
                    "suppressions",
                    List.of(members("kind", "inSource", "justification", t.why().because())));
            results.add(result);
        });
        var driver = members("name", "Bivouac", "version", version, "rules", rules(checked));
        var run = members("tool", members("driver", driver), "columnKind", "utf16CodeUnits", "results", results);
        return JsonMapper.builder()
                        .enable(SerializationFeature.INDENT_OUTPUT)
                        .build()
                        .writeValueAsString(members(
                                "$schema",
                                SCHEMA,
                                "version",
                                "2.1.0",
                                // near the beginning, where it is looked for before the file is written over
                                "properties",
                                members("made", MadeFile.MARK),
                                "runs",
                                List.of(run)))
                + "\n";
    }

    /** Where a finding stands in the file. */
    static Places.Place place(Places places, Finding finding) {
        Place place = finding.place();
        return places.of(place.window(), place.part(), place.script(), place.step());
    }

    private static List<Map<String, Object>> rules(Checked checked) {
        return Stream.concat(
                        checked.open().stream(), checked.accepted().stream().map(Checked.Taken::finding))
                .map(Finding::kind)
                .distinct()
                .sorted()
                .map(kind -> members(
                        "id",
                        id(kind),
                        "shortDescription",
                        members("text", kind.cause().words())))
                .toList();
    }

    private static Map<String, Object> result(String file, Places places, Finding finding) {
        Places.Place place = place(places, finding);
        var region = members("startLine", place.line(), "startColumn", place.column());
        var physical = members("artifactLocation", members("uri", uri(file)), "region", region);
        Map<String, Object> result = members(
                "ruleId",
                id(finding.kind()),
                "level",
                switch (finding.weight()) {
                    case WRONG -> "error";
                    case RISKY -> "warning";
                    case HINT -> "note";
                },
                "message",
                members("text", finding.what() + " " + finding.why()),
                "locations",
                List.of(members(
                        "physicalLocation",
                        physical,
                        "logicalLocations",
                        List.of(members("fullyQualifiedName", place.path())))));
        finding.trail().ifPresent(trail -> result.put("properties", members("trail", trail)));
        return result;
    }

    private static String id(Finding.Kind kind) {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** As a relative reference: what has a meaning in one is escaped. */
    private static String uri(String file) {
        try {
            return new java.net.URI(null, null, file, null).getRawPath();
        } catch (java.net.URISyntaxException e) {
            return file.replace(' ', '_');
        }
    }

    private static Map<String, Object> members(Object... namesAndValues) {
        var members = new LinkedHashMap<String, Object>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            members.put((String) namesAndValues[i], namesAndValues[i + 1]);
        }
        return members;
    }
}
