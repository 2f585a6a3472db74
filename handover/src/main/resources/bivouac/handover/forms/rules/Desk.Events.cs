using System;
using System.Collections.Generic;
using System.Linq;

namespace Rules
{
    // Events (E2), scripts (W1, W6) and waits (W2)
    public sealed partial class Desk
    {
        private readonly Queue<Action> postponed = new Queue<Action>();

        public void Start(Action script)
        {
            unseen = true;
            Run(null, script);
        }

        /// <summary>
        /// An event of a window: one that it may have is dealt with completely before the next (E2, B3).
        /// </summary>
        public void Event(DeskWindow window, Action script)
        {
            if (running || departed)
            {
                return; // a change made by a script is no event (P2)
            }
            if (!AtRest)
            {
                postponed.Enqueue(() => Event(window, script)); // a script that waited goes on first (W2)
            }
            else if (windows.Contains(window) && !window.IsHidden && !Blocked(window))
            {
                Run(window, script);
            }
        }

        public void SessionEnds()
        {
            WhenFree(null, () =>
            {
                if (!IsDeparting)
                {
                    Depart(null, Way.SessionEnding);
                }
            });
        }

        /// <summary>What is due between events: a day that passes.</summary>
        public void Between(Action what)
        {
            WhenFree(null, what);
        }

        /// <summary>
        /// Something that is no event of a hand: it comes when nothing runs and no task is waited for (B3, V4).
        /// </summary>
        private void WhenFree(DeskWindow of, Action script)
        {
            if (departed)
            {
                return;
            }
            if (running || !AtRest || IsWorking)
            {
                postponed.Enqueue(() => WhenFree(of, script));
            }
            else
            {
                Run(of, script);
            }
        }

        private void Run(DeskWindow of, Action script)
        {
            begun = 0;
            running = true;
            try
            {
                DoScript(of, script, false);
            }
            finally
            {
                running = false;
            }
            Rest();
        }

        /// <summary>Runs a script of a window, or of the application, to its end (W1).</summary>
        private void DoScript(DeskWindow of, Action script, bool ofClosing)
        {
            var frame = new Script(of, ofClosing, null);
            stack.Add(frame);
            try
            {
                CountScript();
                script();
            }
            catch (Gone)
            {
                // it ended where it was
            }
            catch (Refused)
            {
                // nothing was asked whether it may close
            }
            catch (Exception fault)
            {
                Faulted(fault);
            }
            finally
            {
                stack.Remove(frame);
            }
        }

        /// <summary>
        /// A script is asked of a row by itself: a fault in it, or work that broke, keeps the row (P2).
        /// </summary>
        public bool Asks(DeskWindow of, Func<bool> may)
        {
            bool agrees = false;
            DoScript(of, () => agrees = may(), false);
            GoOn();
            return agrees;
        }

        /// <summary>Before a script goes on: it does not where its window has gone meanwhile (W6).</summary>
        private void GoOn()
        {
            var top = FromTop<Script>().FirstOrDefault();
            if (top != null && top.Ended)
            {
                throw new Gone();
            }
        }

        /// <summary>A fault ends its script, as an uncaught error ends a handler; the exit code says so (D6).</summary>
        private void Faulted(Exception fault)
        {
            faulted = true;
            watcher.Fault(fault);
            Console.Error.WriteLine(fault.Message);
        }

        private void Rest()
        {
            if (departed)
            {
                if (stack.Count == 0)
                {
                    ended(exitCode ?? (faulted ? 1 : 0));
                }
                return;
            }
            if (!AtRest)
            {
                return;
            }
            if (design.DepartsWithLast && hasClosed && windows.Count == 0 && stack.Count == 0 && working.Count == 0)
            {
                hasClosed = false;
                Run(null, () => Depart(null, Way.Departure)); // D1
                return;
            }
            Refresh(windows.ToList());
            foreach (var part in windows.SelectMany(w => w.ShownWork))
            {
                part.Cancellable(CanCancel(part));
            }
            bool nothingToBeSeen = windows.All(w => w.IsHidden) && !IsWorking && working.Count == 0;
            if (nothingToBeSeen && !unseen && !FromTop<Request>().Any())
            {
                Faulted(new Fault("X5", "nothing is to be seen, and the application still runs"));
            }
            unseen = nothingToBeSeen;
            if (postponed.Count == 0 || IsWorking)
            {
                watcher.AtRest();
            }
            else
            {
                loop.Later(postponed.Dequeue());
            }
        }

        /// <summary>
        /// What one window shows of another, its title, is as it is now: hence twice where there are several (P3, P5).
        /// </summary>
        private void Refresh(List<DeskWindow> all)
        {
            if (all.Count > 1)
            {
                running = true;
                all.ForEach(RefreshQuietly);
                running = false;
            }
            all.ForEach(Refresh);
        }

        private void Refresh(DeskWindow window)
        {
            running = true;
            try
            {
                window.Refresh();
            }
            catch (Exception fault)
            {
                Faulted(fault);
            }
            finally
            {
                running = false;
            }
        }

        /// <summary>Whether the last event is dealt with: no script runs, and none is about to go on.</summary>
        public bool AtRest
        {
            get
            {
                var top = FromTop<Wait>().FirstOrDefault();
                return !running && !departed && !(top != null && top.Over);
            }
        }

        /// <summary>Whether a task, or the system, is waited for on top of all (W5, O7).</summary>
        public bool IsWorking
        {
            get
            {
                var top = FromTop<Wait>().FirstOrDefault();
                return top != null && top.Window == null && !top.Over;
            }
        }

        private Ending Await(Wait wait)
        {
            running = false;
            Rest();
            loop.WaitUntil(() => wait.Over);
            running = true;
            stack.Remove(wait);
            if (wait.LetGo)
            {
                throw new Gone();
            }
            return wait.Result;
        }

        private static void End(Wait wait, Ending result)
        {
            wait.Result = result;
            wait.Over = true;
        }

        private static void LetGo(Wait wait)
        {
            wait.LetGo = true;
            wait.Over = true;
            if (wait.Progress != null)
            {
                wait.Progress.Cancel();
            }
        }

        // Blocking (B1 to B6)

        /// <summary>Follows from who waits for whom, at every moment (B4).</summary>
        public bool Blocked(DeskWindow window)
        {
            if (IsWorking)
            {
                return true; // B3
            }
            var above = new List<DeskWindow>();
            foreach (var frame in FromTop<Frame>())
            {
                var script = frame as Script;
                var request = frame as Request;
                var wait = frame as Wait;
                if (script != null && script.Of == window && !script.Ended)
                {
                    return true; // B5
                }
                var turns = frame as Turns;
                if (turns != null && turns.Left.Contains(window))
                {
                    return true; // W12
                }
                if (request != null && !request.Decided && (request.Departure || window.Within(request.Root))
                    && !above.Any(window.Within))
                {
                    return true; // B6
                }
                if (wait != null && wait.Window != null && !wait.LetGo)
                {
                    above.Add(wait.Window);
                }
            }
            return windows.Any(w => w != window && Blocks(w, window)); // B1
        }

        private static bool Blocks(DeskWindow waited, DeskWindow window)
        {
            switch (waited.Manner)
            {
                case Manner.WaitsForOwner:
                    return waited.Within(window);
                case Manner.WaitsForApplication:
                    return !window.Within(waited) && !IsUnderLater(window, waited);
                default:
                    return false; // B2
            }
        }

        private static bool IsUnderLater(DeskWindow window, DeskWindow waited)
        {
            for (var w = window; w != null; w = w.Owner)
            {
                if (w.Manner != Manner.Alongside && w.Rank > waited.Rank)
                {
                    return true;
                }
            }
            return false;
        }
    }
}
