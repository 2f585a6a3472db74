package bivouac.testkit;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import java.util.random.RandomGenerator;

/** Harms files as disks, editors, merges and people do. The same random numbers do the same harm. */
public final class Damage {

    /** What means something in design files and trails, and what is seldom thought of. */
    private static final List<String> TOKENS = List.of(
            "{",
            "}",
            "[",
            "]",
            "\"",
            "\\",
            ",",
            ":",
            "null",
            "true",
            "-1",
            "1e999",
            "9223372036854775808",
            "0.0000000001",
            "\\ud800",
            "\\u0000",
            "\ufffe",
            "\u2028",
            "\uFEFF",
            "//",
            "<<<<<<< ours\n",
            "\n",
            "\"format\": 2",
            "\"steps\": []",
            "\"name\": \"\"",
            "\"name\": \"Desk\"",
            "{\"text\": \"x\"}",
            " of ",
            "press ",
            "walkthrough",
            "[[[[[[[[[[[[[[[[",
            "\"\"\"\"");

    private Damage() {}

    /**
     * The bytes, harmed at one to six places; {@code other} is what pieces of another file come from. Every second time as
     * a person harms a file who knows its form: words and lines in the wrong place, and nothing else.
     */
    public static byte[] of(byte[] whole, byte[] other, RandomGenerator random) {
        byte[] harmed = whole;
        boolean knowing = random.nextBoolean();
        for (int i = random.nextInt(1, knowing ? 3 : 7); i > 0; i--) {
            harmed = knowing ? misplaced(harmed, other, random) : once(harmed, other, random);
        }
        return harmed;
    }

    private static byte[] misplaced(byte[] in, byte[] other, RandomGenerator random) {
        int[] line = lineAt(in, random.nextInt(in.length + 1));
        return switch (random.nextInt(8)) {
            case 0 -> replaced(in, line[0], line[1], new byte[0]);
            case 1 -> lineRepeated(in, random.nextInt(in.length + 1));
            default -> {
                int[] wordThere = wordAt(other, random.nextInt(other.length + 1));
                int[] word = wordAt(in, random.nextInt(in.length + 1));
                yield replaced(in, word[0], word[1], Arrays.copyOfRange(other, wordThere[0], wordThere[1]));
            }
        };
    }

    private static byte[] once(byte[] in, byte[] other, RandomGenerator random) {
        int from = random.nextInt(in.length + 1);
        int to = Math.min(in.length, from + random.nextInt(1, 1 << random.nextInt(1, 9)));
        return switch (random.nextInt(10)) {
            case 0 -> flipped(in, from, random);
            case 1 -> replaced(in, from, to, new byte[0]);
            case 2 -> replaced(in, from, in.length, new byte[0]);
            case 3 -> replaced(in, from, from, slice(in, random));
            case 4 -> replaced(in, from, to, slice(other, random));
            case 5 -> replaced(in, from, to, new byte[to - from]);
            case 6 -> replaced(in, from, from, noise(random));
            case 7 -> lineRepeated(in, from);
            default -> replaced(in, from, random.nextBoolean() ? from : to, token(random));
        };
    }

    private static byte[] flipped(byte[] in, int at, RandomGenerator random) {
        byte[] out = in.clone();
        if (at < out.length) {
            out[at] ^= (byte) (1 << random.nextInt(8));
        }
        return out;
    }

    private static byte[] token(RandomGenerator random) {
        return TOKENS.get(random.nextInt(TOKENS.size())).getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] noise(RandomGenerator random) {
        byte[] noise = new byte[random.nextInt(1, 12)];
        random.nextBytes(noise);
        return noise;
    }

    private static byte[] slice(byte[] of, RandomGenerator random) {
        int from = random.nextInt(of.length + 1);
        int to = Math.min(of.length, from + random.nextInt(1, 400));
        return Arrays.copyOfRange(of, from, to);
    }

    /** What a careless merge does. */
    private static byte[] lineRepeated(byte[] in, int at) {
        int[] line = lineAt(in, at);
        return replaced(in, line[0], line[0], Arrays.copyOfRange(in, line[0], line[1]));
    }

    /** From where to where a line goes, its end included. */
    private static int[] lineAt(byte[] in, int at) {
        int end = around(in, at, 1, b -> b == '\n');
        return new int[] {around(in, at, -1, b -> b == '\n'), Math.min(in.length, end + 1)};
    }

    /** From where to where a word, a number or what stands in quotes goes. */
    private static int[] wordAt(byte[] in, int at) {
        return new int[] {around(in, at, -1, Damage::isBetween), around(in, at, 1, Damage::isBetween)};
    }

    private static boolean isBetween(byte b) {
        return "\"{}[],:\n ".indexOf(b) >= 0;
    }

    private static int around(byte[] in, int from, int step, Predicate<Byte> ends) {
        int at = from;
        while (step < 0 ? at > 0 && !ends.test(in[at - 1]) : at < in.length && !ends.test(in[at])) {
            at += step;
        }
        return at;
    }

    private static byte[] replaced(byte[] in, int from, int to, byte[] with) {
        var out = new ByteArrayOutputStream(in.length + with.length);
        out.write(in, 0, from);
        out.writeBytes(with);
        out.write(in, to, in.length - to);
        return out.toByteArray();
    }
}
