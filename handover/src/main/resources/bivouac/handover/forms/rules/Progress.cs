using System;

namespace Rules
{
    /// <summary>
    /// What passes between work and those who wait for it: how far it is (W9), and that it is to end before it is done
    /// (W10). Tasks are handed it, and may use it on any thread.
    /// </summary>
    public sealed class Progress
    {
        /// <summary>Everything is done.</summary>
        public const int Whole = 100;

        private readonly object gate = new object();
        private readonly Desk desk;
        private volatile bool cancelled;
        private int done;
        private string line = "";
        private bool isOnItsWay;

        internal Progress(Desk desk, string task, DeskWindow of)
        {
            this.desk = desk;
            Task = task;
            Of = of;
        }

        public string Task { get; }

        /// <summary>The window whose script runs the work; null for the application.</summary>
        public DeskWindow Of { get; }

        /// <summary>
        /// Says how far the work is, from 0 to 100, and what it does now. Of what is said faster than it can be shown,
        /// the last is.
        /// </summary>
        public void Tell(int howFar, string what = "")
        {
            lock (gate)
            {
                done = Math.Min(Whole, Math.Max(0, howFar));
                line = what ?? "";
                if (isOnItsWay)
                {
                    return;
                }
                isOnItsWay = true;
            }
            desk.Later(this);
        }

        /// <summary>
        /// Whether the work is to end: it does so as soon as it can, and says that it was cancelled.
        /// </summary>
        public bool IsCancelled
        {
            get { return cancelled; }
        }

        internal void Cancel()
        {
            cancelled = true;
        }

        internal void ShowIn(IWorkShown part)
        {
            lock (gate)
            {
                part.Told(done, line);
            }
        }

        internal void Arrived()
        {
            lock (gate)
            {
                isOnItsWay = false;
            }
        }
    }

    /// <summary>A part of a window that shows how far the work of a task is (W9), and can ask it to end (W10).</summary>
    public interface IWorkShown
    {
        string Task { get; }

        /// <param name="done">from 0 to 100</param>
        void Told(int done, string line);

        /// <summary>Whether the work can be asked to end now.</summary>
        void Cancellable(bool yes);
    }
}
