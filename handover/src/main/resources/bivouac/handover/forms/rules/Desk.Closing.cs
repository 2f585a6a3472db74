using System;
using System.Collections.Generic;
using System.Linq;

namespace Rules
{
    // Closing (C1 to C9)
    public sealed partial class Desk
    {
        /// <summary>The <i>close</i> step for another window; answers whether it closed (W6).</summary>
        /// <param name="ending">what it ends with; null for how it closes where no ending is named</param>
        public bool Close(DeskWindow window, Func<Ending> ending = null)
        {
            bool closed = !IsOpen(window)
                || Ask(window, Way.CloseStep, ending ?? (() => window.EndingFor(Way.CloseStep)));
            GoOn();
            return closed;
        }

        /// <summary>One after the other, those that open meanwhile too; the first that refuses ends it (R2).</summary>
        public bool CloseEvery<T>() where T : DeskWindow
        {
            for (var all = Every<T>(); all.Count > 0; all = Every<T>())
            {
                var window = all[0];
                bool closed = Ask(window, Way.CloseStep, () => window.EndingFor(Way.CloseStep));
                GoOn();
                if (!closed)
                {
                    return false;
                }
            }
            return true;
        }

        internal bool Ask(DeskWindow window, Way way, Func<Ending> ending)
        {
            return Ask(window, way, ending, () => true, () => { });
        }

        /// <summary>Asks a window, and what it owns, to close; answers whether it did.</summary>
        /// <param name="may">asked when all have agreed: whether it is done</param>
        private bool Ask(DeskWindow window, Way way, Func<Ending> ending, Func<bool> may, Action before)
        {
            if (window.Name == design.DepartsWith)
            {
                return Depart(window, way);
            }
            if (AlreadyAsked(window))
            {
                return false;
            }
            var request = new Request(window, false);
            stack.Add(request);
            var deliveries = new List<Action>();
            try
            {
                if (!Agrees(request, window, way, ending))
                {
                    return false;
                }
                var endings = Endings(request, window, ending);
                if (!may())
                {
                    return false;
                }
                request.Decided = true;
                replaced = window;
                before();
                replaced = null;
                Leave(window, request, endings, deliveries);
            }
            catch (Fault fault)
            {
                Faulted(fault); // what cannot be asked is not lost (C2)
                return false;
            }
            finally
            {
                stack.Remove(request);
            }
            if (request.EndAfter != null)
            {
                request.EndAfter();
            }
            deliveries.ForEach(d => d());
            return true;
        }

        /// <summary>
        /// An answer of a message box, file dialog or picker: it is asked nothing, and ends (C7, C8).
        /// </summary>
        public void Answer(DeskWindow readyMade, Func<Ending> ending)
        {
            Event(readyMade, () =>
            {
                var request = new Request(readyMade, false) { Decided = true };
                var deliveries = new List<Action>();
                var endings = new Dictionary<DeskWindow, Ending> { { readyMade, ending() } };
                Leave(readyMade, request, endings, deliveries);
                deliveries.ForEach(d => d());
            });
        }

        private bool Agrees(Request request, DeskWindow window, Way way, Func<Ending> ending)
        {
            if (AlreadyAsked(window) || HoldsWhatCannotBeTakenAway(window))
            {
                return false; // C3
            }
            var closing = new Closing(way, NameOf(ending));
            request.Order.Add(window);
            request.Asked[window] = closing;
            bool unasked = way != Way.CloseStep && window.IsUnasked(way);
            if (!unasked && !MayClose(window, closing))
            {
                return false;
            }
            for (var next = NextToAsk(request, window); next != null; next = NextToAsk(request, window))
            {
                var owned = next;
                if (!Agrees(request, owned, Way.OwnerClosing, () => owned.EndingFor(Way.OwnerClosing)))
                {
                    return false; // C4
                }
            }
            return true;
        }

        /// <summary>The ending that a request leads to; its values may not be there yet.</summary>
        private static Ending NameOf(Func<Ending> ending)
        {
            try
            {
                return ending();
            }
            catch (Exception)
            {
                return null;
            }
        }

        private bool MayClose(DeskWindow window, Closing closing)
        {
            bool may = false;
            DoScript(window, () => may = window.MayClose(closing), true);
            return may;
        }

        /// <summary>Said by a script that does it for another one: the request that asks is refused (C2).</summary>
        public Exception StayOpen()
        {
            return new Refused();
        }

        private bool AlreadyAsked(DeskWindow window)
        {
            return FromTop<Request>().Any(r => !r.Decided && r.Asked.ContainsKey(window));
        }

        private bool HoldsWhatCannotBeTakenAway(DeskWindow window)
        {
            return windows.Any(w => (w == window || w.Owner == window) && w.CannotBeTakenAway);
        }

        private DeskWindow NextToAsk(Request request, DeskWindow owner)
        {
            return InOrder(owner).FirstOrDefault(
                w => !request.Asked.ContainsKey(w) && (!w.IsReadyMade || w.CannotBeTakenAway)); // C7
        }

        /// <summary>
        /// What a window owns, or what has no owner: the last in the design first, then by key, then the newest (D2).
        /// </summary>
        private IReadOnlyList<DeskWindow> InOrder(DeskWindow owner)
        {
            return Enumerable.Reverse(windows)
                .Where(w => w.Owner == owner)
                .OrderBy(Place)
                .ThenBy(w => w.Key, ByKey)
                .ToList();
        }

        private int Place(DeskWindow window)
        {
            int listed = Array.IndexOf(design.AskedFirst, window.Name);
            return listed >= 0
                ? listed - design.AskedFirst.Length
                : design.Windows.Length - Array.IndexOf(design.Windows, window.Name);
        }

        /// <summary>What each gives to those whom it reaches, before anything closes (C6).</summary>
        private Dictionary<DeskWindow, Ending> Endings(Request request, DeskWindow window, Func<Ending> ending)
        {
            var endings = new Dictionary<DeskWindow, Ending>();
            foreach (var w in request.Order)
            {
                var way = request.Asked[w].Way;
                Func<Ending> of = w == window ? ending : () => w.EndingFor(way);
                endings[w] = ReachesSomeone(w) ? of() : NameOf(of);
            }
            return endings;
        }

        private bool ReachesSomeone(DeskWindow window)
        {
            return FromTop<Wait>().Any(w => w.Window == window && !w.LetGo)
                || branches.Any(b => b.Window == window && IsThere(b.Opener));
        }

        private bool IsThere(DeskWindow opener)
        {
            return opener == null || windows.Contains(opener);
        }

        /// <summary>
        /// Owned windows first, each leaves the screen, runs its script, gives back what it holds, and is gone (C5).
        /// </summary>
        private void Leave(
            DeskWindow window, Request request, Dictionary<DeskWindow, Ending> endings, List<Action> deliveries)
        {
            for (var owned = InOrder(window); owned.Count > 0; owned = InOrder(window))
            {
                Leave(owned[0], request, endings, deliveries);
            }
            Closing closing;
            if (!request.Asked.TryGetValue(window, out closing))
            {
                closing = new Closing(Way.OwnerClosing, null);
            }
            Ending ending;
            if (!endings.TryGetValue(window, out ending))
            {
                ending = NameOf(() => window.EndingFor(request.Departure ? closing.Way : Way.OwnerClosing));
            }
            bool gives = !request.Departure && ReachesSomeone(window) && ending != null && ending.Gives.Length > 0;
            window.Hidden = true;
            window.LeaveScreen();
            Act("ends " + window.Which + (ending == null ? "" : " " + ending.Words)
                + (gives ? " with " + Values.All(ending.Gives) : ""));
            if (!window.IsReadyMade)
            {
                afterClosing = true;
                DoScript(window, () => window.AfterClosing(new Closing(closing.Way, ending)), true);
                afterClosing = false;
            }
            GiveBackAllOf(window);
            HasGone(window);
            if (!request.Departure)
            {
                Deliver(window, ending, deliveries);
            }
        }

        private void HasGone(DeskWindow window)
        {
            windows.Remove(window);
            hasClosed = true;
            Script under = null;
            foreach (var frame in stack.ToList())
            {
                var script = frame as Script;
                var wait = frame as Wait;
                if (script != null)
                {
                    script.Ended |= script.Of == window || script.EndsWithDoer;
                    under = script;
                }
                else if (wait != null && (wait.By == window || (under != null && under.EndsWithDoer)))
                {
                    LetGo(wait); // W6
                }
            }
            foreach (var timer in timers.Where(t => t.Of == window).ToList())
            {
                timer.Ticking.Dispose();
                timers.Remove(timer);
            }
            LetGoOf(w => w.Of == window); // W5
            foreach (var w in windows)
            {
                w.Owner = w.Owner == window ? null : w.Owner;
                w.Opener = w.Opener == window ? null : w.Opener;
            }
        }

        /// <summary>
        /// An ending reaches who waits for it; the scripts go on when this event is done (C6, W2, W3).
        /// </summary>
        private void Deliver(DeskWindow window, Ending ending, List<Action> deliveries)
        {
            foreach (var wait in FromTop<Wait>().Where(w => w.Window == window && !w.LetGo))
            {
                End(wait, ending);
            }
            foreach (var branch in branches.Where(b => b.Window == window).ToList())
            {
                branches.Remove(branch);
                deliveries.Add(() =>
                {
                    if (IsThere(branch.Opener))
                    {
                        DoScript(branch.Opener, () => branch.Then(ending), false);
                    }
                });
            }
        }
    }
}
