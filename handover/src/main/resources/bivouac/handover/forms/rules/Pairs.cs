using System;
using System.Collections.Generic;
using System.Linq;
using System.Text;

namespace Rules
{
    /// <summary>
    /// Names and texts as lines of a file: <c>name = text</c>, with <c>\n</c>, <c>\r</c> and <c>\\</c> in both, and
    /// <c>\e</c> for a sign of equality in a name. A line that begins with <c>#</c> is a remark.
    /// </summary>
    public static class Pairs
    {
        private const string Between = " = ";

        public static SortedDictionary<string, string> None()
        {
            return new SortedDictionary<string, string>(StringComparer.Ordinal);
        }

        public static SortedDictionary<string, string> Read(string text)
        {
            var all = None();
            foreach (var line in text.Split('\n').Where(l => l != "" && l[0] != '#'))
            {
                int at = line.IndexOf(Between, StringComparison.Ordinal);
                all[Meant(line.Substring(0, at))] = Meant(line.Substring(at + Between.Length));
            }
            return all;
        }

        public static string Written(IEnumerable<KeyValuePair<string, string>> all)
        {
            return string.Concat(
                all.Select(p => Escaped(p.Key).Replace("=", "\\e") + Between + Escaped(p.Value) + "\n"));
        }

        private static string Escaped(string text)
        {
            return text.Replace("\\", "\\\\").Replace("\n", "\\n").Replace("\r", "\\r");
        }

        private static string Meant(string written)
        {
            var text = new StringBuilder();
            for (int i = 0; i < written.Length; i++)
            {
                char c = written[i];
                if (c == '\\' && i + 1 < written.Length)
                {
                    c = written[++i];
                    c = c == 'n' ? '\n' : c == 'r' ? '\r' : c == 'e' ? '=' : c;
                }
                text.Append(c);
            }
            return text.ToString();
        }
    }
}
