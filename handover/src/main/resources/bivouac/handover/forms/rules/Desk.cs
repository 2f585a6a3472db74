using System;
using System.Collections.Generic;
using System.Linq;

namespace Rules
{
    /// <summary>
    /// The running application: which windows are open, who waits for whom, what blocks what, and how it all ends. No
    /// toolkit is in here. The rules are those of the design's handover notes, by their ids.
    /// </summary>
    public sealed partial class Desk
    {
        /// <summary>Scripts that one event may begin, and how deep they may wait for each other (X6).</summary>
        private const int MostScripts = 10000;

        private const int Deepest = 100;

        private readonly ILoop loop;
        private readonly IWorker worker;
        private readonly IDesign design;
        private readonly Action<int> ended;
        private Watcher watcher = new Watcher();

        private readonly List<DeskWindow> windows = new List<DeskWindow>();

        /// <summary>Scripts, waits and requests, the one that began last at the end.</summary>
        private readonly List<Frame> stack = new List<Frame>();

        private bool running;
        private int begun;
        private bool departed;
        private bool planned;
        private bool hasClosed;
        private bool unseen;
        private bool faulted;

        /// <summary>While a script after closing runs, in which nothing can be opened (C5).</summary>
        private bool afterClosing;

        private int? exitCode;
        private string saying = "";

        /// <param name="ended">hears the exit code, when the last script has ended</param>
        public Desk(ILoop loop, IWorker worker, IDesign design, Action<int> ended)
        {
            this.loop = loop;
            this.worker = worker;
            this.design = design;
            this.ended = ended;
        }

        public void Watch(Watcher other)
        {
            watcher = other;
        }

        public IReadOnlyList<DeskWindow> Windows
        {
            get { return windows.ToList(); }
        }

        // On the stack, in the order in which they began

        private abstract class Frame
        {
        }

        private sealed class Script : Frame
        {
            public readonly DeskWindow Of;

            /// <summary>Whose script does it, where that is one of another window (W12); else null.</summary>
            public readonly Script Doer;

            /// <summary>
            /// Whether all that it runs is waited for: of closing, of the plan, or since somebody waits for it (W5, W11).
            /// </summary>
            public bool WaitsForAll;

            /// <summary>
            /// Its window has gone, or the departure lets it go: it ends as soon as it would go on (W6, D3).
            /// </summary>
            public bool Ended;

            /// <summary>Whether it says that its work broke: work of that is not said again (W8).</summary>
            public bool TellsOfBroken;

            public Script(DeskWindow of, bool ofClosing, Script doer)
            {
                Of = of;
                Doer = doer;
                WaitsForAll = ofClosing || doer != null;
            }

            /// <summary>Whether it ends with the script that does it.</summary>
            public bool EndsWithDoer
            {
                get { return Doer != null && Doer.Ended; }
            }
        }

        /// <summary>The windows in which a script is still to be done (W12).</summary>
        private sealed class Turns : Frame
        {
            public readonly List<DeskWindow> Left;

            public Turns(IEnumerable<DeskWindow> left)
            {
                Left = left.ToList();
            }
        }

        private sealed class Wait : Frame
        {
            public readonly DeskWindow By;

            /// <summary>What is waited for; null for a task.</summary>
            public readonly DeskWindow Window;

            /// <summary>Of the task that is waited for; null for a window.</summary>
            public readonly Progress Progress;

            public Ending Result;
            public bool Over;
            public bool LetGo;

            public Wait(DeskWindow by, DeskWindow window)
            {
                By = by;
                Window = window;
            }

            public Wait(DeskWindow by, Progress progress)
            {
                By = by;
                Progress = progress;
            }
        }

        private sealed class Request : Frame
        {
            /// <summary>Who is asked first; null where the departure was asked for by no window.</summary>
            public readonly DeskWindow Root;

            public readonly bool Departure;
            public readonly List<DeskWindow> Order = new List<DeskWindow>();
            public readonly Dictionary<DeskWindow, Closing> Asked = new Dictionary<DeskWindow, Closing>();
            public bool Decided;

            /// <summary><i>End the application</i>, said while this was undecided (W6).</summary>
            public Action EndAfter;

            public Request(DeskWindow root, bool departure)
            {
                Root = root;
                Departure = departure;
            }
        }

        private IEnumerable<T> FromTop<T>() where T : Frame
        {
            return Enumerable.Reverse(stack).OfType<T>();
        }

        private void Act(string what)
        {
            watcher.Act(what);
        }

        // What is seen

        public void Note(string text)
        {
            Act("notes " + text);
        }

        public void LinkFollowed(string address)
        {
            Act("follows " + address);
        }

        public void KeptSaved()
        {
            Act("saves kept values");
        }
    }
}
