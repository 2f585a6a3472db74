using System;
using System.Collections.Generic;
using System.Linq;

namespace Rules
{
    // What comes from outside (F1 to F3)
    public sealed partial class Desk
    {
        /// <summary>How often it is looked what becomes of open files, in seconds.</summary>
        private const double Watching = 2;

        /// <summary>What comes from outside, and is not dealt with yet.</summary>
        private readonly HashSet<Tuple<DeskWindow, Outside>> onTheirWay = new HashSet<Tuple<DeskWindow, Outside>>();

        private OpenFiles openFiles;

        /// <summary>Files are given at the start, or opened by the system; absolute paths.</summary>
        public void FilesOpened(IReadOnlyList<string> files)
        {
            var hears = design as IHears;
            if (files.Count > 0 && hears != null && hears.Hears(Outside.FilesOpened))
            {
                Arrives(null, Outside.FilesOpened, () => hears.Hear(Outside.FilesOpened, files));
            }
        }

        /// <summary>Files are dropped on a window, as a hand does anything on it.</summary>
        public void FilesDropped(DeskWindow window, IReadOnlyList<string> files)
        {
            if (files.Count > 0 && window.Hears(Outside.FilesDropped))
            {
                Event(window, () => window.Hear(Outside.FilesDropped, files));
            }
        }

        /// <summary>Another program has changed, or removed, a file that a window has open.</summary>
        public void FileChanges(DeskWindow window, string file, bool gone)
        {
            var what = gone ? Outside.FileGone : Outside.FileChanged;
            if (window.Hears(what))
            {
                Arrives(window, what, () => window.Hear(what, new[] { file }));
            }
        }

        /// <summary>Looks every few seconds whether other programs change what is open.</summary>
        public void WatchFiles()
        {
            openFiles = new OpenFiles(this);
            loop.Every(Watching, () =>
            {
                if (working.Count == 0 && !IsWorking && !departed)
                {
                    openFiles.Look();
                }
            });
        }

        /// <summary>One behind the other, between events; none once a departure has begun.</summary>
        private void Arrives(DeskWindow of, Outside what, Action answer)
        {
            if (departed || (of == null ? IsDeparting : !windows.Contains(of)))
            {
                return;
            }
            var arrival = Tuple.Create(of, what);
            if (running || !AtRest || IsWorking || onTheirWay.Contains(arrival))
            {
                postponed.Enqueue(() => Arrives(of, what, answer));
                return;
            }
            onTheirWay.Add(arrival);
            try
            {
                Run(of, answer);
            }
            finally
            {
                onTheirWay.Remove(arrival);
            }
        }

        private bool IsDeparting
        {
            get { return FromTop<Request>().Any(r => r.Departure); }
        }
    }
}
