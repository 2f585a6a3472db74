using System;
using System.Collections.Generic;
using System.Diagnostics;
using System.Globalization;
using System.IO;
using System.Linq;
using System.Text;
using System.Text.RegularExpressions;
using Frame;
using Rules;

namespace Tests
{
    /// <summary>The program that is driven.</summary>
    public interface IDriven
    {
        /// <summary>Starts it: with a loop without time, and tasks that end when the trail says so.</summary>
        void Start(Driver driver, ILoop loop, IWorker worker, Kept kept, DateTime today, Action<int> ended);

        /// <summary>How the task that is called next is to end.</summary>
        void EndsWith(string ending);

        void DayPasses(DateTime now);
    }

    /// <summary>
    /// Plays a trail on the running program, an event each time it is at rest, and tells what is seen (E3).
    /// </summary>
    public sealed class Driver
    {
        private sealed class Working
        {
            public string Name;
            public Progress Progress;
            public Func<Ending> Body;
            public Action<Ending> Done;
        }

        /// <summary>Ends what still waits when a trail is over.</summary>
        private sealed class Abandoned : Exception
        {
        }

        private static readonly Regex Quoted = new Regex("\"((?:[^\"\\\\]|\\\\.)*)\"(?: (\\d+)(?![\\d-]))?");

        /// <summary>How long a trail may take.</summary>
        private const int MostSeconds = 20;

        private readonly IDriven program;
        private readonly string folder;
        private readonly Queue<string> events;
        private readonly FormsLoop toolkit = new FormsLoop();
        private readonly List<string> told = new List<string>();
        private readonly List<Working> working = new List<Working>();
        private readonly List<DeskWindow> shown = new List<DeskWindow>();
        private DateTime today;
        private Desk desk;
        private int run;
        private bool posted;
        private bool over;

        private Driver(IDriven program, string folder, DateTime today, IEnumerable<string> events)
        {
            this.program = program;
            this.folder = folder;
            this.today = today;
            this.events = new Queue<string>(events);
        }

        /// <summary>
        /// Plays a trail's file, and answers what was seen. Comments come first, the second with its day.
        /// </summary>
        public static IReadOnlyList<string> Play(IDriven program, string kept, string trail)
        {
            var lines = File.ReadAllLines(trail);
            var today = DateTime.ParseExact(lines[1].Substring(1).Trim(), "yyyy-MM-dd", CultureInfo.InvariantCulture);
            return new Driver(program, kept, today, lines.Where(l => l.Trim() != "" && l[0] != '#')).Played();
        }

        private IReadOnlyList<string> Played()
        {
            var quiet = Stopwatch.StartNew();
            int before = 0;
            toolkit.Later(() =>
            {
                told.Add("Start");
                Start();
            });
            toolkit.WaitUntil(() =>
            {
                if (told.Count != before)
                {
                    before = told.Count;
                    quiet.Restart();
                }
                return over || quiet.Elapsed.TotalSeconds > MostSeconds;
            });
            if (!over)
            {
                told.Add("  it does not come to rest");
                over = true;
            }
            run++;
            shown.ForEach(Hand.TakeOffScreen);
            // as they stand in a file: what is told with a line break in it is two lines
            return string.Join("\n", told).Replace("\r\n", "\n").Replace('\r', '\n').Split('\n');
        }

        private void Start()
        {
            int now = ++run;
            working.Clear();
            program.Start(this, new Timeless(this), new Told(working), Kept.In(folder), today, code => Ended(now));
        }

        /// <summary>Called by the program with its desk, before anything is done.</summary>
        public void Watch(Desk other)
        {
            desk = other;
            desk.Watch(new Watching(this));
        }

        /// <summary>Hears what is seen, as long as this run of the program goes on.</summary>
        private sealed class Watching : Watcher
        {
            private readonly Driver driver;
            private readonly int run;

            public Watching(Driver driver)
            {
                this.driver = driver;
                run = driver.run;
            }

            public override void Act(string what)
            {
                if (run != driver.run || driver.over)
                {
                    throw new Abandoned(); // what still waited is over, and does nothing more
                }
                driver.told.Add("  " + what);
            }

            public override void AtRest()
            {
                if (run == driver.run)
                {
                    driver.Rest();
                }
            }

            public override void Fault(Exception fault)
            {
                if (run == driver.run && !(fault is Abandoned))
                {
                    driver.told.Add("  fault " + fault.Message);
                    driver.over = true;
                }
            }
        }

        /// <summary>Waits as the toolkit does; but time goes on only where the trail says so.</summary>
        private sealed class Timeless : ILoop, IDisposable
        {
            private readonly Driver driver;
            private readonly int run;

            public Timeless(Driver driver)
            {
                this.driver = driver;
                run = driver.run;
            }

            public void WaitUntil(Func<bool> over)
            {
                driver.toolkit.WaitUntil(() => over() || run != driver.run || driver.over);
                if (!over())
                {
                    throw new Abandoned();
                }
            }

            public void Later(Action what)
            {
                driver.toolkit.Later(what);
            }

            public IDisposable Every(double seconds, Action what)
            {
                return this;
            }

            public void Dispose()
            {
            }
        }

        /// <summary>Tasks end when they are told to.</summary>
        private sealed class Told : IWorker
        {
            private readonly List<Working> working;

            public Told(List<Working> working)
            {
                this.working = working;
            }

            public void Begin(string name, Progress progress, Func<Ending> body, Action<Ending> done)
            {
                working.Add(new Working { Name = name, Progress = progress, Body = body, Done = done });
            }
        }

        private void Ended(int of)
        {
            if (of == run)
            {
                See();
                Next();
            }
        }

        private void Rest()
        {
            if (!posted && !over)
            {
                posted = true; // one act of a hand can be two events of a toolkit
                toolkit.Later(GoOn);
            }
        }

        private void GoOn()
        {
            posted = false;
            if (over || !desk.AtRest)
            {
                return; // a script that waited goes on first
            }
            See();
            Next();
        }

        private void Next()
        {
            if (events.Count == 0)
            {
                over = true;
                return;
            }
            var line = events.Dequeue();
            told.Add(line);
            try
            {
                Act(line);
            }
            catch (Exception failure)
            {
                told.Add("  cannot: " + failure.Message);
                over = true;
                return;
            }
            if (!over && desk.AtRest)
            {
                Rest(); // also where it was no event: blocked, or nothing changed
            }
        }

        private void See()
        {
            foreach (var window in desk.Windows.OrderBy(w => w.Which, StringComparer.Ordinal))
            {
                if (!shown.Contains(window))
                {
                    shown.Add(window);
                }
                told.Add("  | " + window.Which + ": " + window.Title
                    + (window.Owner == null ? "" : ", owned by " + window.Owner.Which)
                    + (window.IsHidden ? ", hidden" : "")
                    + (desk.Blocked(window) ? ", blocked" : ""));
                told.AddRange(window.Seen.Select(s => "  |   " + s));
            }
        }

        // What a hand does

        private void Act(string line)
        {
            var found = Quoted.Matches(line).Cast<Match>().ToList();
            var names = found.Select(m => Unquoted(m.Groups[1].Value)).ToList();
            var numbers = found.Select(m => m.Groups[2].Success ? int.Parse(m.Groups[2].Value) : 1).ToList();
            var verb = Regex.Replace(Quoted.Replace(line, "").Trim(), " +", " ");
            switch (verb)
            {
                case "session ends":
                    desk.SessionEnds();
                    break;
                case "a day passes":
                    today = today.AddDays(1);
                    program.DayPasses(today);
                    break;
                case "killed":
                    Killed();
                    break;
                case "start again":
                    Start();
                    break;
                case "task ends":
                case "task ends of":
                    TaskEnds(names, numbers);
                    break;
                case "cancel of":
                    Hand.Cancel(Window(names[1], numbers[1]), names[0]);
                    break;
                case "timer fires":
                    desk.TimerFires(null, names[0]);
                    break;
                case "timer of fires":
                    desk.TimerFires(Window(names[1], numbers[1]), names[0]);
                    break;
                default:
                    if (verb.StartsWith("task tells ", StringComparison.Ordinal))
                    {
                        OneOf(names, numbers).Progress.Tell(int.Parse(verb.Split(' ')[2]), names[1]);
                    }
                    else if (verb.StartsWith("open files", StringComparison.Ordinal))
                    {
                        desk.FilesOpened(names);
                    }
                    else if (verb.StartsWith("drop ", StringComparison.Ordinal))
                    {
                        desk.FilesDropped(
                            Window(names.Last(), numbers.Last()), names.Take(names.Count - 1).ToList());
                    }
                    else if (verb.StartsWith("file ", StringComparison.Ordinal))
                    {
                        desk.FileChanges(Window(names.Last(), numbers.Last()), names[0], verb.Contains("gone"));
                    }
                    else
                    {
                        OnWindow(line, verb, names, Window(names.Last(), numbers.Last()));
                    }
                    break;
            }
        }

        private static void OnWindow(string line, string verb, List<string> names, DeskWindow window)
        {
            switch (verb)
            {
                case "press of":
                case "tick of":
                    Hand.Press(window, names[0]);
                    break;
                case "type into of":
                    Hand.Type(window, names[1], names[0]);
                    break;
                case "select in of":
                    Hand.Choose(window, names[1], names[0]);
                    break;
                case "activate row in of":
                    Hand.Activate(window, names[0]);
                    break;
                case "remove rows in of":
                    Hand.Delete(window, names[0]);
                    break;
                case "close box of":
                    Hand.CloseBox(window);
                    break;
                case "Escape of":
                    Hand.Escape(window);
                    break;
                case "Enter of":
                    Hand.Enter(window);
                    break;
                case "answer of":
                    Hand.Answer(window, names[0]);
                    break;
                case "pick of":
                    Hand.Pick(window, names[0]);
                    break;
                default:
                    if (verb.StartsWith("press row", StringComparison.Ordinal))
                    {
                        Hand.PressRow(window, names[0], int.Parse(verb.Split(' ')[2]));
                    }
                    else if (verb.StartsWith("select from", StringComparison.Ordinal))
                    {
                        var words = verb.Split(' ');
                        Hand.SelectText(window, names[0], long.Parse(words[2]), long.Parse(words[4]));
                    }
                    else if (verb.StartsWith("choose", StringComparison.Ordinal))
                    {
                        Hand.ChooseFiles(window, names.Take(names.Count - 2).ToList(), names[names.Count - 2]);
                    }
                    else if (Regex.IsMatch(verb, "^select (row|no row)"))
                    {
                        Hand.Select(window, names[0], Numbers(line));
                    }
                    else
                    {
                        throw new ArgumentException(line);
                    }
                    break;
            }
        }

        private static string Unquoted(string text)
        {
            var meant = new StringBuilder();
            for (int i = 0; i < text.Length; i++)
            {
                char c = text[i];
                if (c != '\\')
                {
                    meant.Append(c);
                    continue;
                }
                c = text[++i];
                if (c == 'u' && i + 1 < text.Length && text[i + 1] == '{')
                {
                    int end = text.IndexOf('}', i);
                    meant.Append(OfCodePoint(Convert.ToInt32(text.Substring(i + 2, end - i - 2), 16)));
                    i = end;
                }
                else
                {
                    meant.Append(c == 'n' ? '\n' : c == 't' ? '\t' : c == 'r' ? '\r' : c);
                }
            }
            return meant.ToString();
        }

        private static string OfCodePoint(int code)
        {
            return code >= 0xD800 && code <= 0xDFFF ? ((char)code).ToString() : char.ConvertFromUtf32(code);
        }

        private DeskWindow Window(string name, int number)
        {
            var which = Which(name, number);
            var window = desk.Windows.FirstOrDefault(w => w.Which == which);
            if (window == null)
            {
                throw new InvalidOperationException(name + " is not open");
            }
            return window;
        }

        private static string Which(string name, int number)
        {
            return number <= 1 ? name : name + " (" + number + ")";
        }

        private static IReadOnlyList<int> Numbers(string line)
        {
            var listed = Regex.Match(line, "^select rows? ([\\d, ]+) in ").Groups[1].Value;
            return Regex.Matches(listed, "\\d+").Cast<Match>().Select(m => int.Parse(m.Value)).ToList();
        }

        private void TaskEnds(List<string> names, List<int> numbers)
        {
            var one = OneOf(names, numbers);
            working.Remove(one);
            one.Done(Result(one, names[1]));
        }

        private Working OneOf(List<string> names, List<int> numbers)
        {
            var of = names.Count < 3 ? "" : Which(names[2], numbers[2]);
            var all = working
                .Where(w => w.Name == names[0] && (of == "" || w.Progress.Of != null && w.Progress.Of.Which == of))
                .ToList();
            if (all.Count < numbers[0])
            {
                throw new InvalidOperationException(names[0] + " does not run");
            }
            // the one that is waited for began last, and no other can end before it
            return desk.IsWorking ? all.Last() : all[numbers[0] - 1];
        }

        private Ending Result(Working one, string ending)
        {
            if (ending == "could not")
            {
                return new Tried.CouldNot(
                    one.Name.StartsWith("opening ", StringComparison.Ordinal) ? "the system could not create it"
                    : one.Name.StartsWith("taking ", StringComparison.Ordinal) ? "the system could not take it"
                    : "the system could not take it back");
            }
            if (ending == "broke")
            {
                return new Broke("the work failed");
            }
            program.EndsWith(ending);
            return one.Body();
        }

        /// <summary>As a kill does: nothing runs any more.</summary>
        private void Killed()
        {
            run++;
            desk.Windows.ToList().ForEach(Hand.TakeOffScreen);
            toolkit.Later(Next);
        }
    }
}
