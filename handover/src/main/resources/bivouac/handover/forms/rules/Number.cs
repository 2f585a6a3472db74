using System.Globalization;
using System.Linq;

namespace Rules
{
    /// <summary>Numbers as texts show them: without exponent, and without zeros at the end (V3).</summary>
    internal static class Number
    {
        private static readonly CultureInfo Plain = CultureInfo.InvariantCulture;

        public static string Shown(double number)
        {
            return Unscaled(number).ToString();
        }

        /// <summary>Rounded half up.</summary>
        public static string Shown(double number, int decimals)
        {
            return Unscaled(number).Rounded(decimals).ToString();
        }

        /// <summary>The shortest digits that are this number; it takes no more than 17.</summary>
        private static Digits Unscaled(double number)
        {
            var text = Enumerable.Range(1, 17)
                .Select(n => number.ToString("E" + (n - 1), Plain))
                .First(t => double.Parse(t, Plain) == number);
            int e = text.IndexOf('E');
            int exponent = int.Parse(text.Substring(e + 1), NumberStyles.AllowLeadingSign, Plain);
            var digits = text.Substring(0, e).Replace("-", "").Replace(".", "");
            return new Digits(text[0] == '-', digits, exponent + 1);
        }

        /// <summary>Digits, and where among them the point stands.</summary>
        private sealed class Digits
        {
            private readonly bool negative;
            private readonly string digits;
            private readonly int point;

            public Digits(bool negative, string digits, int point)
            {
                this.negative = negative;
                this.digits = digits;
                this.point = point;
            }

            public Digits Rounded(int decimals)
            {
                int keep = point + decimals;
                if (keep >= digits.Length)
                {
                    return this;
                }
                if (keep < 0)
                {
                    return new Digits(false, "0", 1);
                }
                var kept = ("0" + digits.Substring(0, keep)).ToCharArray();
                if (digits[keep] >= '5')
                {
                    int at = kept.Length - 1;
                    for (; kept[at] == '9'; at--)
                    {
                        kept[at] = '0';
                    }
                    kept[at]++;
                }
                return new Digits(negative, new string(kept), point + 1);
            }

            public override string ToString()
            {
                var padded = point <= 0 ? new string('0', 1 - point) + digits : digits;
                int at = point <= 0 ? 1 : point;
                padded = padded.PadRight(at, '0');
                var whole = padded.Substring(0, at).TrimStart('0');
                var rest = padded.Substring(at).TrimEnd('0');
                var shown = (whole == "" ? "0" : whole) + (rest == "" ? "" : "." + rest);
                return (negative && shown != "0" ? "-" : "") + shown;
            }
        }
    }
}
