using System.Collections.Generic;
using System.IO;
using System.Reflection;
using System.Text;
using Rules;

namespace Frame
{
    /// <summary>The texts of the application, by key; <c>{0}</c>, <c>{1}</c> … stand for values.</summary>
    public static class Texts
    {
        private static readonly SortedDictionary<string, string> All = Load();

        private static SortedDictionary<string, string> Load()
        {
            using (var file = Assembly.GetExecutingAssembly().GetManifestResourceStream("texts.txt"))
            using (var reader = new StreamReader(file, Encoding.UTF8))
            {
                return Pairs.Read(reader.ReadToEnd());
            }
        }

        public static string Of(string key, params object[] values)
        {
            var text = All[key];
            var said = new StringBuilder();
            for (int i = 0; i < text.Length; i++)
            {
                int close = text[i] == '{' ? text.IndexOf('}', i) : -1;
                if (close < 0)
                {
                    said.Append(text[i]);
                }
                else
                {
                    var inside = text.Substring(i + 1, close - i - 1);
                    said.Append(inside == "{" ? "{" : Values.Shown(values[int.Parse(inside)]));
                    i = close;
                }
            }
            return said.ToString();
        }
    }
}
