using System;
using System.Collections.Generic;
using System.IO;
using System.Linq;
using Frame;

namespace Tests
{
    /// <summary>
    /// Tests the rules of the desk, and plays the walkthroughs on the real windows. With a folder named, plays each
    /// trail there and writes what was seen beside it.
    /// </summary>
    public static class Program
    {
        [STAThread]
        public static int Main(string[] arguments)
        {
            Gate.Install();
            FileDialog.StandIn = true;
            if (arguments.Length > 0)
            {
                foreach (var trail in Trails(arguments[0]))
                {
                    File.WriteAllLines(Path.ChangeExtension(trail, ".seen"), Seen(trail));
                }
                return 0;
            }
            var failures = DeskTest.Failures().Concat(Trails("tests/walkthroughs").SelectMany(Differences)).ToList();
            failures.ForEach(Console.WriteLine);
            Console.WriteLine(failures.Count == 0 ? "All is as rehearsed." : failures.Count + " failed.");
            return failures.Count == 0 ? 0 : 1;
        }

        private static IEnumerable<string> Trails(string folder)
        {
            return Directory.GetFiles(folder, "*.trail").OrderBy(f => f, StringComparer.Ordinal);
        }

        private static IReadOnlyList<string> Seen(string trail)
        {
            var kept = Path.Combine(Path.GetTempPath(), Path.GetRandomFileName());
            try
            {
                return Driver.Play(new @NAMESPACE@.Walkthroughs(), kept, trail);
            }
            finally
            {
                if (Directory.Exists(kept))
                {
                    Directory.Delete(kept, true);
                }
            }
        }

        /// <summary>The first difference; a fault of the rehearsal ends what can be compared.</summary>
        private static IEnumerable<string> Differences(string trail)
        {
            var all = File.ReadAllLines(Path.ChangeExtension(trail, ".expected"));
            var expected = all.TakeWhile(l => !l.StartsWith("  fault", StringComparison.Ordinal)).ToList();
            var seen = Seen(trail);
            for (int i = 0; i < expected.Count; i++)
            {
                var now = i < seen.Count ? seen[i] : "nothing more";
                if (now != expected[i])
                {
                    var line = trail + ", line " + (i + 1);
                    yield return line + ": expected “" + expected[i] + "”, seen “" + now + "”";
                    yield break;
                }
            }
            if (expected.Count == all.Length && seen.Count > all.Length)
            {
                yield return trail + ": more was seen than expected, “" + seen[all.Length] + "”";
            }
        }
    }
}
