using System.Collections.Generic;
using System.IO;
using System.Linq;

namespace Rules
{
    /// <summary>Looks whether other programs have changed, or removed, what windows have open (F3).</summary>
    internal sealed class OpenFiles
    {
        private readonly Desk desk;

        /// <summary>What was last seen of each; empty of one that is not there.</summary>
        private Dictionary<string, string> known = new Dictionary<string, string>();

        internal OpenFiles(Desk desk)
        {
            this.desk = desk;
        }

        /// <summary>What own work has written meanwhile is taken as it is.</summary>
        internal void Forget()
        {
            known.Clear();
        }

        internal void Look()
        {
            var now = new Dictionary<string, string>();
            foreach (var window in desk.Windows.ToList())
            {
                if (window.Hears(Outside.FileChanged) || window.Hears(Outside.FileGone))
                {
                    foreach (var file in window.OpenFiles.Where(f => f != "").Distinct())
                    {
                        LookAt(window, file, now);
                    }
                }
            }
            known = now;
        }

        private void LookAt(DeskWindow window, string file, Dictionary<string, string> now)
        {
            string seen;
            if (!now.TryGetValue(file, out seen))
            {
                seen = Stamp(file);
                now[file] = seen;
            }
            string before;
            if (known.TryGetValue(file, out before) && before != seen && before != "")
            {
                desk.FileChanges(window, file, seen == "");
            }
        }

        private static string Stamp(string file)
        {
            var at = new FileInfo(file);
            return at.Exists ? at.LastWriteTimeUtc.Ticks + " " + at.Length : "";
        }
    }
}
