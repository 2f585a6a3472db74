using System;
using System.Collections.Generic;
using System.Linq;

namespace Rules
{
    // Opening (O1 to O9) and reaching other windows (R1 to R3)
    public sealed partial class Desk
    {
        private sealed class Branch
        {
            public readonly DeskWindow Window;
            public readonly DeskWindow Opener;
            public readonly Action<Ending> Then;

            public Branch(DeskWindow window, DeskWindow opener, Action<Ending> then)
            {
                Window = window;
                Opener = opener;
                Then = then;
            }
        }

        private readonly List<Branch> branches = new List<Branch>();

        /// <summary>One that makes room for another is not brought back instead of it (O8).</summary>
        private DeskWindow replaced;

        /// <summary>
        /// Opens a window that nothing waits for; its ending goes to <paramref name="then"/>, if that is said and the
        /// opener is there (W3).
        /// </summary>
        public T Open<T>(DeskWindow opener, DeskWindow owner, T window, Action<Ending> then = null) where T : DeskWindow
        {
            Begin(opener, owner, window, Manner.Alongside);
            if (then != null)
            {
                branches.Add(new Branch(window, opener, then));
            }
            Appear(window);
            GoOn();
            return window;
        }

        /// <summary>Opens a window, asks, and waits for its ending (W2).</summary>
        public Ending Ask(DeskWindow opener, DeskWindow owner, Manner manner, DeskWindow window)
        {
            var wait = new Wait(opener, window);
            Begin(opener, owner, window, owner == null ? Manner.WaitsForApplication : manner);
            window.Rank = 1 + windows.Where(w => w != window).Select(w => w.Rank).DefaultIfEmpty(0).Max();
            stack.Add(wait);
            Appear(window);
            return Await(wait);
        }

        /// <summary>
        /// The open window of a kind and key, brought back with what it is handed; null if there is none (O3).
        /// </summary>
        public T BringBack<T>(object key, Action<T> hand) where T : DeskWindow
        {
            var there = Find<T>(key);
            if (there == replaced)
            {
                there = null;
            }
            if (there != null)
            {
                hand(there);
                there.Hidden = false;
                there.ShowHidden(there.IsHidden);
                there.ToFront();
                DoScript(there, there.BroughtBack, false);
            }
            GoOn();
            return there;
        }

        private void Begin(DeskWindow opener, DeskWindow owner, DeskWindow window, Manner manner)
        {
            window.Opener = opener;
            window.Owner = owner;
            window.Manner = manner;
            window.Number =
                1 + windows.Where(w => w.Name == window.Name).Select(w => w.Number).DefaultIfEmpty(0).Max();
            windows.Add(window);
        }

        private void Appear(DeskWindow window)
        {
            Act((window.IsReadyMade ? "asks " : "opens ") + window.Which
                + (window.Asks == "" ? "" : ": " + window.Asks));
            RefreshQuietly(window);
            window.Show();
            DoScript(window, window.Opened, false);
        }

        private static void RefreshQuietly(DeskWindow window)
        {
            try
            {
                window.Refresh();
            }
            catch (Exception)
            {
                // told at rest, if it is still so (E2)
            }
        }

        /// <summary>
        /// Makes room for another window: it opens once this one agrees to close, and before it does (O8).
        /// </summary>
        public void InPlace(DeskWindow old, Func<Ending> ending, Action open)
        {
            if (Ask(old, Way.CloseStep, ending, () => true, open))
            {
                throw new Gone();
            }
        }

        /// <summary>
        /// The same, where the system may fail to open the other one: it is asked once this one has agreed, and this
        /// one stays where it could not (O7, O8).
        /// </summary>
        /// <param name="isThere">whether the other one is open already, so that nobody has to be asked</param>
        public Tried InPlace(DeskWindow old, Func<Ending> ending, string what, Func<bool> isThere, Action open)
        {
            Tried tried = new Tried.Done();
            Func<bool> may = () =>
            {
                tried = isThere() ? new Tried.Done() : Attempt(old, what, () => new Tried.Done());
                return tried is Tried.Done;
            };
            if (Ask(old, Way.CloseStep, ending, may, open))
            {
                throw new Gone();
            }
            return tried;
        }

        // Reaching other windows

        /// <summary>The first open window of a kind, with a key where one is said; null if there is none.</summary>
        public T Find<T>(object key = null) where T : DeskWindow
        {
            return windows.OfType<T>().FirstOrDefault(w => key == null || key.Equals(w.Key));
        }

        /// <summary>The one open window of a kind; fault X3 where there is none.</summary>
        public T The<T>() where T : DeskWindow
        {
            var all = windows.OfType<T>().ToList();
            if (all.Count != 1)
            {
                throw new Fault("X3", all.Count == 0 ? "it is not open" : "several are open");
            }
            return all[0];
        }

        /// <summary>The open window of a kind that has a key; fault X3 where there is none.</summary>
        public T The<T>(object key) where T : DeskWindow
        {
            var found = Find<T>(key);
            if (found == null)
            {
                throw new Fault("X3", "it is not open");
            }
            return found;
        }

        /// <summary>A window that a script keeps (O9); fault X3 where it has gone.</summary>
        public T There<T>(T kept) where T : DeskWindow
        {
            if (!IsOpen(kept))
            {
                throw new Fault("X3", "the window that is kept here is not open");
            }
            return kept;
        }

        /// <summary>All open windows of a kind, the newest first, or by their keys (R2).</summary>
        public IReadOnlyList<T> Every<T>() where T : DeskWindow
        {
            return Enumerable.Reverse(windows).OfType<T>().OrderBy(w => w.Key, ByKey).ToList();
        }

        /// <summary>The same in the order in which they opened, or by their keys (P5).</summary>
        public IReadOnlyList<T> Opened<T>() where T : DeskWindow
        {
            return windows.OfType<T>().OrderBy(w => w.Key, ByKey).ToList();
        }

        public bool IsOpen<T>() where T : DeskWindow
        {
            return windows.OfType<T>().Any();
        }

        public bool IsOpen(DeskWindow window)
        {
            return window != null && windows.Contains(window);
        }

        public void BringToFront(DeskWindow window)
        {
            if (IsOpen(window))
            {
                window.ToFront();
            }
        }

        /// <summary>Off the screen, with what it owns (C9).</summary>
        public void Hide(DeskWindow window)
        {
            if (!IsOpen(window))
            {
                return;
            }
            if (windows.Any(w => w.Manner != Manner.Alongside && w.Within(window)))
            {
                throw new Fault("X9", window.Which + " is waited for, or owns one that is, and cannot be hidden");
            }
            window.Hidden = true;
            ShowHidden(window);
        }

        public void Show(DeskWindow window)
        {
            if (IsOpen(window))
            {
                window.Hidden = false;
                ShowHidden(window);
            }
        }

        private void ShowHidden(DeskWindow top)
        {
            foreach (var window in windows.Where(w => w.Within(top)).ToList())
            {
                window.ShowHidden(window.IsHidden);
            }
        }

        /// <summary>Keys in their order; windows without one as they come.</summary>
        private static readonly IComparer<object> ByKey = Comparer<object>.Create(
            (a, b) => a == null || b == null || a.GetType() != b.GetType() ? 0
                : a is string && b is string ? string.CompareOrdinal((string)a, (string)b)
                : Comparer<object>.Default.Compare(a, b));
    }
}
