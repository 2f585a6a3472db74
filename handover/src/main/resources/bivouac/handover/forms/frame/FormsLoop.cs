using System;
using System.Threading;
using Rules;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>
    /// Waits by dealing with events until something is over: .NET refuses a second message loop on a thread. Waits
    /// end last in, first out, and so do those of scripts (W2).
    /// </summary>
    public sealed class FormsLoop : ILoop
    {
        private readonly WinForms.Control poster = new WinForms.Control();

        public FormsLoop()
        {
            poster.CreateControl();
            GC.KeepAlive(poster.Handle); // it is posted to, and never shown
        }

        /// <summary>How many waits there are.</summary>
        internal static int Waiting { get; private set; }

        public void WaitUntil(Func<bool> over)
        {
            Waiting++;
            try
            {
                while (!over())
                {
                    WinForms.Application.DoEvents();
                    if (!over())
                    {
                        Thread.Sleep(1);
                    }
                }
            }
            finally
            {
                Waiting--;
            }
        }

        public void Later(Action what)
        {
            poster.BeginInvoke(what);
        }

        public IDisposable Every(double seconds, Action what)
        {
            double milliseconds = Math.Min(int.MaxValue, Math.Max(1, Math.Round(seconds * 1000)));
            var timer = new WinForms.Timer { Interval = (int)milliseconds };
            timer.Tick += (sender, e) => Later(what); // posted: what it does may wait, and the timer goes on
            timer.Start();
            return timer;
        }
    }
}
