using System;
using System.Collections;
using System.Collections.Generic;
using System.Globalization;
using System.Linq;
using System.Text.RegularExpressions;

namespace Rules
{
    /// <summary>Values as scripts and texts use them (V1, V3). What is no value is fault X3.</summary>
    public static class Values
    {
        private static readonly char[] White = Enumerable.Range(0, char.MaxValue)
            .Select(c => (char)c)
            .Where(c => (char.IsSeparator(c) || c >= '\t' && c <= '\r' || c >= '\u001c' && c <= '\u001f')
                && c != '\u00a0' && c != '\u2007' && c != '\u202f')
            .ToArray();

        private static readonly CultureInfo Plain = CultureInfo.InvariantCulture;

        private static Fault No(string text, string wanted)
        {
            return new Fault("X3", "“" + text + "” is not " + wanted);
        }

        // As texts show them

        /// <summary>Any value.</summary>
        public static string Shown(object value)
        {
            if (value is bool)
            {
                return (bool)value ? "yes" : "no";
            }
            if (value is double)
            {
                return Number.Shown((double)value);
            }
            if (value is DateTime)
            {
                return ((DateTime)value).ToString("yyyy-MM-dd", Plain);
            }
            if (value is Row)
            {
                return All(((Row)value).Cells);
            }
            if (value is IEnumerable && !(value is string))
            {
                return All(((IEnumerable)value).Cast<object>());
            }
            return Convert.ToString(value, Plain);
        }

        /// <summary>Rounded half up to a number of decimals, 0 to 15; zeros at the end are left out.</summary>
        public static string Shown(double number, long decimals)
        {
            return Number.Shown(number, (int)Math.Max(0, Math.Min(15, decimals)));
        }

        internal static string All(IEnumerable<object> values)
        {
            return string.Join(", ", values.Select(Shown));
        }

        // Conversions

        public static bool IsBlank(string text)
        {
            return Trim(text) == "";
        }

        /// <summary>Without the white space around it; what does not break a line there belongs to the text.</summary>
        public static string Trim(string text)
        {
            return text.Trim(White);
        }

        private static long? AsWhole(string text)
        {
            long whole;
            var trimmed = Trim(text);
            return Regex.IsMatch(trimmed, "^[+-]?[0-9]+\\z")
                && long.TryParse(trimmed, NumberStyles.AllowLeadingSign, Plain, out whole) ? whole : (long?)null;
        }

        private static double? AsNumber(string text)
        {
            double number;
            var trimmed = Trim(text);
            return Regex.IsMatch(trimmed, "^[+-]?([0-9]+(\\.[0-9]*)?|\\.[0-9]+)\\z")
                && double.TryParse(trimmed, NumberStyles.Float, Plain, out number)
                && IsFinite(number) ? number : (double?)null;
        }

        private static DateTime? AsDate(string text)
        {
            DateTime date;
            var trimmed = Trim(text);
            return Regex.IsMatch(trimmed, "^[0-9]{4}-[0-9]{2}-[0-9]{2}\\z")
                && DateTime.TryParseExact(trimmed, "yyyy-MM-dd", Plain, DateTimeStyles.None, out date)
                    ? date : (DateTime?)null;
        }

        private static bool IsFinite(double number)
        {
            return !double.IsNaN(number) && !double.IsInfinity(number);
        }

        public static bool IsWhole(string text)
        {
            return AsWhole(text) != null;
        }

        public static bool IsNumber(string text)
        {
            return AsNumber(text) != null;
        }

        public static bool IsDate(string text)
        {
            return AsDate(text) != null;
        }

        public static long Whole(string text)
        {
            var whole = AsWhole(text);
            if (whole == null)
            {
                throw No(text, "a whole number");
            }
            return whole.Value;
        }

        public static long Whole(double number)
        {
            if (!(Math.Abs(number) < 9.2e18))
            {
                throw No(Shown(number), "a whole number");
            }
            return (long)number;
        }

        public static double ToNumber(string text)
        {
            var number = AsNumber(text);
            if (number == null)
            {
                throw No(text, "a number");
            }
            return number.Value;
        }

        public static DateTime Date(string text)
        {
            var date = AsDate(text);
            if (date == null)
            {
                throw No(text, "a date");
            }
            return date.Value;
        }

        /// <summary>A number that is one.</summary>
        public static double Finite(double number)
        {
            if (!IsFinite(number))
            {
                throw new Fault("X3", "the number grows too large");
            }
            return number;
        }

        public static double Divided(double by, double through)
        {
            if (through == 0)
            {
                throw new Fault("X3", "division by zero");
            }
            return Finite(by / through);
        }

        /// <summary>
        /// A literal as a value: the compiler works out nothing with it, and what grows too large is a fault.
        /// </summary>
        public static T Of<T>(T literal)
        {
            return literal;
        }

        // Conditions of which the one that decides wins, even where the other faults

        public static bool Both(Func<bool> left, Func<bool> right)
        {
            return Decided(false, left, right);
        }

        public static bool Either(Func<bool> left, Func<bool> right)
        {
            return Decided(true, left, right);
        }

        private static bool Decided(bool on, Func<bool> left, Func<bool> right)
        {
            bool first;
            try
            {
                first = left();
            }
            catch (Exception)
            {
                if (right() == on)
                {
                    return on;
                }
                throw;
            }
            return first == on ? on : right();
        }

        // Texts and lists; places are counted in characters, so that a pair of surrogates is one

        public static bool Equal(object left, object right)
        {
            var some = left as IEnumerable;
            var others = right as IEnumerable;
            if (some == null || others == null || left is string)
            {
                return Equals(left, right);
            }
            var first = some.Cast<object>().ToList();
            var second = others.Cast<object>().ToList();
            return first.Count == second.Count && first.Zip(second, Equal).All(same => same);
        }

        public static bool Contains<T>(IReadOnlyList<T> items, T item)
        {
            return items.Any(i => Equal(i, item));
        }

        public static long Size(string text)
        {
            return text.Length - Enumerable.Range(1, Math.Max(0, text.Length - 1)).Count(i => IsInside(text, i));
        }

        public static long Size<T>(IReadOnlyList<T> items)
        {
            return items.Count;
        }

        /// <summary>Whether a place is inside a pair of surrogates.</summary>
        private static bool IsInside(string text, int at)
        {
            return at > 0 && at < text.Length && char.IsSurrogatePair(text, at - 1);
        }

        /// <summary>Where a character begins.</summary>
        private static int Offset(string text, long characters)
        {
            int at = 0;
            for (long i = 0; i < characters; i++)
            {
                at += IsInside(text, at + 1) ? 2 : 1;
            }
            return at;
        }

        public static long IndexOf(string text, string part)
        {
            int at = text.IndexOf(part, StringComparison.Ordinal);
            return at < 0 ? -1 : Size(text.Substring(0, at));
        }

        public static string Substring(string text, long from)
        {
            return Substring(text, from, Size(text));
        }

        public static string Substring(string text, long from, long to)
        {
            if (from < 0 || to < from || to > Size(text))
            {
                throw new Fault(
                    "X3", "there is no part from " + from + " to " + to + " in a text of " + Size(text));
            }
            int begin = Offset(text, from);
            return text.Substring(begin, Offset(text, to) - begin);
        }

        public static string Replace(string text, string old, string by)
        {
            return old == "" ? text : text.Replace(old, by);
        }

        public static IReadOnlyList<string> Split(string text, string separator)
        {
            return separator == ""
                ? Enumerable.Range(0, (int)Size(text)).Select(i => Substring(text, i, i + 1)).ToList()
                : text.Split(new[] { separator }, StringSplitOptions.None).ToList();
        }

        public static string Lower(string text)
        {
            return text.ToLowerInvariant();
        }

        public static string Upper(string text)
        {
            return text.ToUpperInvariant();
        }

        public static bool Matches(string text, string pattern)
        {
            return Regex.IsMatch(text, pattern);
        }

        public static T Item<T>(IReadOnlyList<T> items, long at)
        {
            if (at < 0 || at >= items.Count)
            {
                throw new Fault("X3", "there is no item " + at + " in a list of " + items.Count);
            }
            return items[(int)at];
        }

        /// <summary>A part of a list, from a place to before another one, counted from 0.</summary>
        public static IReadOnlyList<T> Slice<T>(IReadOnlyList<T> items, long from, long to)
        {
            if (from < 0 || to < from || to > items.Count)
            {
                throw new Fault("X3", "there is no part from " + from + " to " + to + " in a list of " + items.Count);
            }
            return items.Skip((int)from).Take((int)(to - from)).ToList();
        }

        /// <summary>The least first; those that are the same stay as they stand.</summary>
        public static IReadOnlyList<T> SortedBy<T, K>(IReadOnlyList<T> items, Func<T, K> by)
        {
            var texts = StringComparer.Ordinal as IComparer<K>;
            return items.OrderBy(by, texts ?? Comparer<K>.Default).ToList();
        }

        public static IReadOnlyList<T> Joined<T>(IReadOnlyList<T> first, IReadOnlyList<T> second)
        {
            return first.Concat(second).ToList();
        }

        public static IReadOnlyList<T> List<T>(params T[] items)
        {
            return items;
        }

        public static string FileName(string path)
        {
            return path.Substring(path.LastIndexOfAny(new[] { '/', '\\' }) + 1);
        }

        public static string FileExtension(string path)
        {
            var name = FileName(path);
            int dot = name.LastIndexOf('.');
            return dot < 0 ? "" : Lower(name.Substring(dot + 1));
        }

        public static long Year(DateTime date)
        {
            return date.Year;
        }

        public static long Days(DateTime from, DateTime to)
        {
            return (to - from).Days;
        }

        /// <summary>A text that is no longer than a field holds (P4).</summary>
        public static string Cut(string text, int longest)
        {
            return Size(text) <= longest ? text : text.Substring(0, Offset(text, longest));
        }
    }
}
