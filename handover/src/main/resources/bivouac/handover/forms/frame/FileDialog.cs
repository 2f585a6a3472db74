using System;
using System.Collections.Generic;
using System.Linq;
using System.Text.RegularExpressions;
using Rules;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>A file dialog (C8): the system's own, or in a test a stand-in that the test answers.</summary>
    public sealed class FileDialog : Asked
    {
        /// <summary>Set by tests: the system's own can neither be driven nor taken away.</summary>
        public static bool StandIn;

        /// <summary>How it ended.</summary>
        public abstract class Result : Ending
        {
        }

        public sealed class Chosen : Result
        {
            public Chosen(IReadOnlyList<string> paths, string filter)
            {
                Paths = paths;
                Filter = filter;
            }

            /// <summary>The first of the paths.</summary>
            public string Path
            {
                get { return Paths[0]; }
            }

            public IReadOnlyList<string> Paths { get; }

            public string Filter { get; }

            public override object[] Gives
            {
                get { return new object[] { Paths, Filter }; }
            }
        }

        public sealed class Cancelled : Result
        {
        }

        /// <summary>What it asks for.</summary>
        public enum For
        {
            One,
            Several,
            Save,
            Folder
        }

        /// <summary>What files it shows.</summary>
        public sealed class Filter
        {
            /// <param name="patterns">as <c>*.csv</c></param>
            public Filter(string label, params string[] patterns)
            {
                Label = label;
                Patterns = patterns;
            }

            public string Label { get; }

            public string[] Patterns { get; }

            internal string Extension
            {
                get
                {
                    var plain = Patterns.FirstOrDefault(p => Regex.IsMatch(p, "^\\*\\.[^*?]+$"));
                    return plain == null ? "" : plain.Substring(2);
                }
            }
        }

        private readonly For asksFor;
        private readonly string extension;
        private readonly string startsIn;
        private readonly Filter[] filters;

        /// <param name="startsIn">a folder, or a file in it; empty for where it was used last</param>
        public FileDialog(
            Desk desk, string name, string title, For asksFor, string extension, string startsIn,
            params Filter[] filters)
            : base(desk, name, true)
        {
            Title = title;
            this.asksFor = asksFor;
            this.extension = extension;
            this.startsIn = startsIn;
            this.filters = filters;
        }

        /// <summary>
        /// Asks, and waits for the answer. Nothing else happens meanwhile: it is a wait like any other.
        /// </summary>
        public Result Ask(DeskWindow asker, DeskWindow owner, Manner manner)
        {
            return (Result)Desk.Ask(asker, owner, manner, this);
        }

        protected internal override void Show()
        {
            if (StandIn)
            {
                base.Show();
            }
            else
            {
                // posted: it runs a loop of its own, and this one is not waited for yet
                GC.KeepAlive(Form.Handle);
                Form.BeginInvoke(new Action(ShowOfSystem));
            }
        }

        private void ShowOfSystem()
        {
            var above = Owner as FrameWindow;
            if (asksFor == For.Folder)
            {
                using (var folders = new WinForms.FolderBrowserDialog { Description = Title, SelectedPath = startsIn })
                {
                    Done(folders.ShowDialog(above == null ? null : above.Form), new[] { folders.SelectedPath }, "");
                }
                return;
            }
            using (var files = asksFor == For.Save
                ? (WinForms.FileDialog)new WinForms.SaveFileDialog()
                : new WinForms.OpenFileDialog { Multiselect = asksFor == For.Several })
            {
                files.Title = Title;
                files.AddExtension = false; // that is done here, the same on every system
                files.Filter = string.Join("|", filters.Select(f => f.Label + "|" + string.Join(";", f.Patterns)));
                if (System.IO.Directory.Exists(startsIn))
                {
                    files.InitialDirectory = startsIn;
                }
                else
                {
                    files.FileName = startsIn;
                }
                var answer = files.ShowDialog(above == null ? null : above.Form);
                int used = files.FilterIndex - 1;
                Done(answer, files.FileNames, used >= 0 && used < filters.Length ? filters[used].Label : "");
            }
        }

        private void Done(WinForms.DialogResult answer, string[] paths, string filter)
        {
            if (answer == WinForms.DialogResult.OK && paths.Length > 0)
            {
                Choose(paths, filter);
            }
            else
            {
                CloseBoxUsed();
            }
        }

        /// <summary>What a person chooses; a file to save gets the filter's extension where it has none.</summary>
        public void Choose(IReadOnlyList<string> paths, string filter)
        {
            var all = asksFor == For.Save ? paths.Select(p => WithExtension(p, filter)).ToList() : paths;
            Desk.Answer(this, () => new Chosen(all, filter));
        }

        private string WithExtension(string path, string filter)
        {
            if (Values.FileName(path).LastIndexOf('.') > 0)
            {
                return path;
            }
            var used = filters.FirstOrDefault(f => f.Label == filter);
            var added = used == null || used.Extension == "" ? extension : used.Extension;
            return added == "" ? path : path + "." + added;
        }

        public override void CloseBoxUsed()
        {
            Desk.Answer(this, () => new Cancelled());
        }

        protected internal override Ending EndingFor(Way way)
        {
            return new Cancelled();
        }
    }
}
