using System;
using System.Collections.Generic;
using System.Linq;

namespace Rules
{
    // Tasks (W5), what the system may fail to do (O7, H2), holdings (H1, H2) and timers (V4)
    public sealed partial class Desk
    {
        private sealed class Work
        {
            public readonly string Step;
            public readonly DeskWindow Of;
            public readonly Progress Progress;
            public bool LetGo;

            public Work(string step, DeskWindow of, Progress progress)
            {
                Step = step;
                Of = of;
                Progress = progress;
            }
        }

        private sealed class Held
        {
            public readonly string Name;
            public readonly DeskWindow Of;
            public readonly Action GiveBack;

            public Held(string name, DeskWindow of, Action giveBack)
            {
                Name = name;
                Of = of;
                GiveBack = giveBack;
            }
        }

        private sealed class Timed
        {
            public string Name;
            public DeskWindow Of;
            public bool Once;
            public Action Fires;
            public IDisposable Ticking;
        }

        private readonly List<Work> working = new List<Work>();
        private readonly List<Held> held = new List<Held>();
        private readonly List<Timed> timers = new List<Timed>();

        /// <summary>
        /// Runs a task and waits for it. What it takes is told to those who watch; what it tells and is told by, to it.
        /// </summary>
        /// <param name="broke">the ending of a step that says what happens when the work breaks (W8)</param>
        public T Run<T>(DeskWindow of, string task, object[] takes, Func<Progress, T> body, Func<string, T> broke = null)
            where T : Ending
        {
            ActOfTask(task, takes);
            return Ended(of, task, WorkOn(of, task, body), broke);
        }

        /// <summary>
        /// The ending of a task; one that broke is said for all, or is a fault, where its step does not answer it (W8).
        /// </summary>
        private T Ended<T>(DeskWindow of, string task, Ending ending, Func<string, T> broke) where T : Ending
        {
            var broken = ending as Broke;
            if (broken == null)
            {
                return (T)ending;
            }
            if (broke != null)
            {
                return broke(broken.Reason);
            }
            var script = FromTop<Script>().FirstOrDefault();
            if (!design.SaysWhenWorkBreaks || script != null && script.TellsOfBroken)
            {
                throw new Fault("X11", "“" + task + "” broke, and nothing says what then: " + broken.Reason);
            }
            if (!afterClosing)
            {
                if (script != null)
                {
                    script.TellsOfBroken = true;
                }
                design.WhenWorkBreaks(of, task, broken.Reason);
            }
            throw new Refused(); // the script ends here, as by a fault (W8)
        }

        private void ActOfTask(string task, object[] takes)
        {
            Act("runs " + task + (takes.Length == 0 ? "" : " with " + Values.All(takes)));
        }

        private Ending WorkOn(DeskWindow of, string name, Func<Progress, Ending> body)
        {
            var progress = new Progress(this, name, of);
            var wait = new Wait(of, progress);
            stack.Add(wait);
            Begin(progress, body, result => End(wait, result));
            return Await(wait);
        }

        private void Begin(Progress progress, Func<Progress, Ending> body, Action<Ending> done)
        {
            if (design.ShowsProgress.Contains(progress.Task))
            {
                Show(progress);
            }
            worker.Begin(progress.Task, progress, () => body(progress), ended =>
            {
                openFiles?.Forget(); // what own work has written is nothing from outside (F3)
                done(ended);
            });
        }

        /// <summary>
        /// Runs a task in the background; <paramref name="then"/> is done when it ends, if its window is there then.
        /// What belongs to closing, or to the plan, waits for it.
        /// </summary>
        public void Background<T>(
            DeskWindow of, string step, string task, object[] takes, Func<Progress, T> body, Action<T> then,
            Func<string, T> broke = null) where T : Ending
        {
            if (FromTop<Script>().First().WaitsForAll)
            {
                then(Run(of, task, takes, body, broke));
                return;
            }
            if (working.Any(w => w.Step == step && w.Of == of))
            {
                throw new Fault("X8", "“" + task + "” of this step still runs");
            }
            ActOfTask(task, takes);
            var work = new Work(step, of, new Progress(this, task, of));
            working.Add(work);
            Begin(work.Progress, body, result => WhenFree(of, () =>
            {
                if (!work.LetGo)
                {
                    working.Remove(work);
                    then(Ended(of, task, result, broke));
                }
            }));
        }

        /// <summary>The background runs of a task are let go; their ends come to nobody (W5).</summary>
        public void StopTask(string step)
        {
            LetGoOf(w => w.Step.StartsWith(step, StringComparison.Ordinal));
        }

        private void LetGoOf(Func<Work, bool> which)
        {
            foreach (var work in working.Where(which).ToList())
            {
                work.LetGo = true;
                work.Progress.Cancel(); // nothing comes of it any more (W10)
                working.Remove(work);
            }
        }

        /// <summary>The system is asked for something that it may fail to do (O7).</summary>
        public Tried Attempt(DeskWindow of, string what, Func<Tried> body)
        {
            var tried = WorkOn(of, what, progress => body());
            var broken = tried as Broke;
            return broken != null ? new Tried.CouldNot(broken.Reason) : (Tried)tried;
        }

        /// <summary>Where the design says nothing of what then: fault X1.</summary>
        public Exception Failed(string what, string reason)
        {
            return new Fault("X1", what + " failed: " + reason);
        }

        // Holdings

        /// <summary>
        /// Takes a holding for a window, or for the application where <paramref name="of"/> is null (H1).
        /// </summary>
        public void Take(DeskWindow of, string holding, Action giveBack)
        {
            if (held.Any(h => h.Of == of && h.Name == holding))
            {
                throw new Fault("X4", holding + " is held already");
            }
            held.Add(new Held(holding, of, giveBack));
            Act("takes " + holding);
        }

        public void GiveBack(DeskWindow of, string holding)
        {
            GiveBack(TheHeld(of, holding));
        }

        /// <summary>It has been given back already (H2).</summary>
        public void GivenBack(DeskWindow of, string holding)
        {
            held.Remove(TheHeld(of, holding));
            Act("gives back " + holding);
        }

        /// <summary>It could not be given back, and is held no more (H2).</summary>
        public void Lose(DeskWindow of, string holding)
        {
            held.Remove(TheHeld(of, holding));
        }

        private Held TheHeld(DeskWindow of, string holding)
        {
            var one = held.LastOrDefault(h => h.Of == of && h.Name == holding);
            if (one == null)
            {
                throw new Fault("X4", holding + " is not held");
            }
            return one;
        }

        /// <summary>The last taken first (H1).</summary>
        private void GiveBackAllOf(DeskWindow of)
        {
            foreach (var one in Enumerable.Reverse(held).Where(h => h.Of == of).ToList())
            {
                GiveBack(one);
            }
        }

        private void GiveBack(Held one)
        {
            held.Remove(one);
            try
            {
                one.GiveBack();
            }
            catch (Exception fault)
            {
                Faulted(fault); // the rest are given back all the same (H2)
            }
            Act("gives back " + one.Name);
        }

        // Timers

        /// <summary>Turns a timer on, or on anew.</summary>
        public void StartTimer(DeskWindow of, string name, double seconds, bool once, Action fires)
        {
            if (!(seconds > 0))
            {
                throw new Fault("X3", "the timer " + name + " has no length");
            }
            StopTimer(of, name);
            timers.Add(new Timed
            {
                Name = name,
                Of = of,
                Once = once,
                Fires = fires,
                Ticking = loop.Every(seconds, () => TimerFires(of, name))
            });
        }

        public void StopTimer(DeskWindow of, string name)
        {
            var timer = Timer(of, name);
            if (timer != null)
            {
                timer.Ticking.Dispose();
                timers.Remove(timer);
            }
        }

        private Timed Timer(DeskWindow of, string name)
        {
            return timers.FirstOrDefault(t => t.Of == of && t.Name == name);
        }

        /// <summary>A timer's time has come; it does its script between events, also for a blocked window.</summary>
        public void TimerFires(DeskWindow of, string name)
        {
            WhenFree(of, () =>
            {
                var timer = Timer(of, name);
                if (timer == null)
                {
                    return;
                }
                if (timer.Once)
                {
                    StopTimer(of, name);
                }
                timer.Fires();
            });
        }
    }
}
