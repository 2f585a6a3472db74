using System;
using System.Collections;
using System.Collections.Generic;
using System.IO;
using System.Linq;

namespace Rules
{
    /// <summary>
    /// What outlives a run (D6, D7): a file in the user's configuration folder; missing or damaged, it is a first
    /// run.
    /// </summary>
    public sealed class Kept
    {
        private const string HeldMark = "held.";
        private const string CountMark = ".count";

        private readonly string file;
        private readonly SortedDictionary<string, string> values;

        private Kept(string file)
        {
            this.file = file;
            try
            {
                values = Pairs.Read(File.ReadAllText(file));
            }
            catch (Exception)
            {
                values = Pairs.None();
            }
        }

        /// <summary>Of an application, in the platform's usual place.</summary>
        public static Kept Of(string application)
        {
            return In(Path.Combine(
                Environment.GetFolderPath(Environment.SpecialFolder.ApplicationData), application));
        }

        public static Kept In(string folder)
        {
            return new Kept(Path.Combine(folder, "kept.txt"));
        }

        public string Get(string name, string usual)
        {
            string value;
            return values.TryGetValue(name, out value) ? value : usual;
        }

        /// <summary>
        /// A list is kept with a count, a row with a mark, and what is in them under numbers, so that none is
        /// mistaken.
        /// </summary>
        public void Put(string name, object value)
        {
            var row = value as Row;
            var list = value as IEnumerable;
            if (row != null)
            {
                values[name] = "";
                Each(name, row.Cells);
            }
            else if (list != null && !(value is string))
            {
                var all = list.Cast<object>().ToArray();
                values[name + CountMark] = Values.Shown((long)all.Length);
                Each(name, all);
            }
            else
            {
                values[name] = Values.Shown(value);
            }
        }

        private void Each(string name, object[] all)
        {
            for (int i = 0; i < all.Length; i++)
            {
                Put(name + "." + i, all[i]);
            }
        }

        public bool Yes(string name, bool usual)
        {
            return Get(name, Values.Shown(usual)) == "yes";
        }

        public long Whole(string name, long usual)
        {
            var text = Get(name, "");
            return Values.IsWhole(text) ? Values.Whole(text) : usual;
        }

        public double Number(string name, double usual)
        {
            var text = Get(name, "");
            return Values.IsNumber(text) ? Values.ToNumber(text) : usual;
        }

        public DateTime Date(string name, DateTime usual)
        {
            var text = Get(name, "");
            return Values.IsDate(text) ? Values.Date(text) : usual;
        }

        /// <param name="item">reads one, under the name that it gets</param>
        public IReadOnlyList<T> List<T>(string name, IReadOnlyList<T> usual, Func<string, T> item)
        {
            return values.ContainsKey(name + CountMark)
                ? Enumerable.Range(0, (int)Whole(name + CountMark, 0)).Select(i => item(name + "." + i)).ToList()
                : usual;
        }

        /// <param name="columns">reads it, its columns under the name that it gets and their numbers from 0</param>
        public T Row<T>(string name, T usual, Func<string, T> columns) where T : Row
        {
            return values.ContainsKey(name) ? columns(name) : usual;
        }

        /// <summary>The holdings that a killed run left behind (D7), in the order of the names given.</summary>
        public IReadOnlyList<string> Traces(params string[] holdings)
        {
            return holdings.Where(h => values.ContainsKey(HeldMark + h)).ToList();
        }

        /// <summary>What is held leaves a trace until it is given back.</summary>
        public void Held(string holding, bool now)
        {
            if (now)
            {
                values[HeldMark + holding] = "";
            }
            else
            {
                values.Remove(HeldMark + holding);
            }
            Save();
        }

        /// <summary>Written beside and renamed, so that a kill never leaves half of it.</summary>
        public void Save()
        {
            try
            {
                Directory.CreateDirectory(Path.GetDirectoryName(file));
                var beside = file + ".new";
                File.WriteAllText(beside, Pairs.Written(values));
                if (File.Exists(file))
                {
                    File.Replace(beside, file, null);
                }
                else
                {
                    File.Move(beside, file);
                }
            }
            catch (Exception e) when (e is IOException || e is UnauthorizedAccessException)
            {
                Console.Error.WriteLine("What is kept could not be saved: " + e.Message);
            }
        }
    }
}
