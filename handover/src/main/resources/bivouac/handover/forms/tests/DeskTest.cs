using System;
using System.Collections.Generic;
using System.Linq;
using System.Reflection;
using Rules;

namespace Tests
{
    /// <summary>
    /// The rules of the desk, without a toolkit: what a person does comes from a list, taken where the program waits.
    /// </summary>
    public sealed class DeskTest
    {
        private sealed class Closed : Ending
        {
        }

        private sealed class LeftUnsaved : Ending
        {
        }

        /// <summary>A loop in which the next thing of a list is done as long as something is waited for.</summary>
        private sealed class Hands : ILoop, IWorker, IDisposable
        {
            public readonly LinkedList<Action> Coming = new LinkedList<Action>();

            public void WaitUntil(Func<bool> over)
            {
                while (!over())
                {
                    var next = Coming.First.Value;
                    Coming.RemoveFirst();
                    next();
                }
            }

            public void Later(Action what)
            {
                Coming.AddFirst(what);
            }

            public IDisposable Every(double seconds, Action what)
            {
                return this;
            }

            public void Begin(string name, Progress progress, Func<Ending> body, Action<Ending> done)
            {
                Coming.AddLast(() => done(body()));
            }

            public void Dispose()
            {
            }
        }

        /// <summary>Nothing but windows.</summary>
        private sealed class Plain : IDesign
        {
            public string[] Windows
            {
                get { return new[] { "Main", "Child", "Other" }; }
            }

            public string[] AskedFirst
            {
                get { return new string[0]; }
            }

            public string DepartsWith
            {
                get { return ""; }
            }

            public bool DepartsWithLast
            {
                get { return false; }
            }

            public string[] ShowsProgress
            {
                get { return new string[0]; }
            }

            public string[] MayBeCancelled
            {
                get { return new string[0]; }
            }

            public bool SaysWhenWorkBreaks
            {
                get { return false; }
            }

            public void WhenWorkBreaks(DeskWindow me, string task, string reason)
            {
            }

            public void Plan()
            {
            }

            public bool SaveKept()
            {
                return false;
            }
        }

        private class Sheet : DeskWindow
        {
            public bool Refuses;
            public Action Asked = () => { };

            public Sheet(Desk desk, string name) : base(desk, name, null)
            {
            }

            protected internal override bool MayClose(Closing closing)
            {
                Asked();
                return !Refuses;
            }

            protected internal override Ending EndingFor(Way way)
            {
                return new Closed();
            }

            protected internal override void Show()
            {
            }

            protected internal override void ToFront()
            {
            }

            protected internal override void LeaveScreen()
            {
            }

            protected internal override void ShowHidden(bool hidden)
            {
            }

            public override string Title { get; set; }

            public override IEnumerable<string> Seen
            {
                get { return new string[0]; }
            }
        }

        private sealed class Elsewhere : Sheet
        {
            public Elsewhere(Desk desk) : base(desk, "Other")
            {
            }
        }

        private sealed class Heard : Watcher
        {
            public readonly List<string> Acts = new List<string>();
            public readonly List<string> Faults = new List<string>();

            public override void Act(string what)
            {
                Acts.Add(what);
            }

            public override void Fault(Exception fault)
            {
                Faults.Add(fault.Message);
            }
        }

        private readonly Hands hands = new Hands();
        private readonly Heard heard = new Heard();
        private readonly List<int> codes = new List<int>();
        private readonly Desk desk;
        private readonly Sheet main;

        public DeskTest()
        {
            desk = new Desk(hands, hands, new Plain(), codes.Add);
            desk.Watch(heard);
            main = Opened("Main");
        }

        private Sheet Opened(string name)
        {
            var sheet = new Sheet(desk, name);
            desk.Start(() => desk.Open(null, null, sheet));
            return sheet;
        }

        private static void Same<T>(IEnumerable<T> expected, IEnumerable<T> seen)
        {
            if (!expected.SequenceEqual(seen))
            {
                throw new InvalidOperationException(
                    "expected [" + string.Join("; ", expected) + "], seen [" + string.Join("; ", seen) + "]");
            }
        }

        /// <summary>Runs each test on a desk of its own; answers what failed, a sentence each.</summary>
        public static IEnumerable<string> Failures()
        {
            var tests = typeof(DeskTest)
                .GetMethods(BindingFlags.Public | BindingFlags.Instance | BindingFlags.DeclaredOnly)
                .OrderBy(t => t.Name, StringComparer.Ordinal);
            foreach (var test in tests)
            {
                string failure = null;
                try
                {
                    test.Invoke(new DeskTest(), null);
                }
                catch (TargetInvocationException e)
                {
                    failure = test.Name + ": " + e.InnerException.Message;
                }
                if (failure != null)
                {
                    yield return failure;
                }
            }
        }

        /// <summary>W1, W2: the script goes on when what it opened has ended.</summary>
        public void AScriptGoesOnWhenWhatItAskedHasEnded()
        {
            var form = new Sheet(desk, "Child");
            var ended = new List<string>();
            hands.Coming.AddLast(form.CloseBoxUsed);
            desk.Event(main, () => ended.Add(desk.Ask(main, main, Manner.WaitsForOwner, form).Words));
            Same(new[] { "closed" }, ended);
        }

        /// <summary>B1, B2: what waits for its owner blocks that, and nothing beside it.</summary>
        public void OnlyTheOwnerOfWhatIsWaitedForIsBlocked()
        {
            var asks = Opened("Other");
            var beside = Opened("Other");
            var form = new Sheet(desk, "Child");
            var blocked = new List<bool>();
            hands.Coming.AddLast(() => blocked.AddRange(new[] { main, beside, form }.Select(w => desk.Blocked(w))));
            hands.Coming.AddLast(form.CloseBoxUsed);
            desk.Event(asks, () => desk.Ask(asks, main, Manner.WaitsForOwner, form));
            Same(new[] { true, false, false }, blocked);
        }

        /// <summary>W2: the wait that began last ends first.</summary>
        public void TheWaitThatBeganLastEndsFirst()
        {
            var beside = Opened("Other");
            var first = new Sheet(desk, "Child");
            var second = new Sheet(desk, "Child");
            var ended = new List<string>();
            hands.Coming.AddLast(() => desk.Event(beside, () =>
            {
                desk.Ask(beside, beside, Manner.WaitsForOwner, second);
                ended.Add("second");
            }));
            hands.Coming.AddLast(first.CloseBoxUsed);
            hands.Coming.AddLast(second.CloseBoxUsed);
            desk.Event(main, () =>
            {
                desk.Ask(main, main, Manner.WaitsForOwner, first);
                ended.Add("first");
            });
            Same(new[] { "second", "first" }, ended);
        }

        /// <summary>C4: what a window owns is asked too, and one refusal keeps all.</summary>
        public void WhatAWindowOwnsIsAskedToo()
        {
            var child = new Sheet(desk, "Child");
            desk.Event(main, () => desk.Open(main, main, child));
            child.Refuses = true;
            main.CloseBoxUsed();
            Same(new[] { main, child }, desk.Windows);
            child.Refuses = false;
            main.CloseBoxUsed();
            Same(new DeskWindow[0], desk.Windows);
            Same(new[] { "ends Child closed", "ends Main closed" }, heard.Acts.Skip(heard.Acts.Count - 2));
        }

        /// <summary>W12: a script is done in every window, the newest first, until one gives up.</summary>
        public void AScriptIsDoneInEveryWindowUntilOneGivesUp()
        {
            var last = Opened("Other");
            var second = Opened("Other");
            var first = Opened("Other");
            var seen = new List<string>();
            desk.Event(main, () =>
            {
                desk.DoInEvery(
                    (Sheet each) =>
                    {
                        seen.Add((each == first ? "first" : "second") + (desk.Blocked(last) ? ", last waits" : ""));
                        return each == second ? new Closed() : null;
                    },
                    answer => answer is Closed);
                seen.Add("on");
            });
            Same(new[] { "first, last waits", "second, last waits", "on" }, seen);
        }

        /// <summary>W12: a fault in a script that is done ends the one that does it.</summary>
        public void AFaultInAScriptThatIsDoneEndsWhoDoesIt()
        {
            var other = Opened("Other");
            var seen = new List<string>();
            desk.Event(main, () =>
            {
                desk.DoIn(other, (Sheet each) => { throw new Fault("X3", "it is not there"); });
                seen.Add("on");
            });
            Same(new string[0], seen);
        }

        /// <summary>B3: an event of a blocked window is none.</summary>
        public void ABlockedWindowHearsNothing()
        {
            var form = new Sheet(desk, "Child");
            var pressed = new List<string>();
            hands.Coming.AddLast(() => desk.Event(main, () => pressed.Add("main")));
            hands.Coming.AddLast(form.CloseBoxUsed);
            desk.Event(main, () => desk.Ask(main, main, Manner.WaitsForOwner, form));
            Same(new string[0], pressed);
        }

        /// <summary>H1: the last taken is given back first.</summary>
        public void HoldingsAreGivenBackTheLastTakenFirst()
        {
            var given = new List<string>();
            desk.Event(main, () =>
            {
                desk.Take(main, "lamp", () => given.Add("lamp"));
                desk.Take(main, "key", () => given.Add("key"));
            });
            main.CloseBoxUsed();
            Same(new[] { "key", "lamp" }, given);
        }

        /// <summary>W5: what belongs to closing waits for a task that else runs in the background.</summary>
        public void ATaskOfClosingIsWaitedFor()
        {
            var seen = new List<string>();
            main.Asked = () =>
            {
                desk.Background(main, "step", "count", new object[0], progress => new Closed(), e => seen.Add(e.Words));
                seen.Add("asked");
            };
            main.CloseBoxUsed();
            Same(new[] { "closed", "asked" }, seen);
        }

        /// <summary>W5: elsewhere the script goes on, and hears of the end later.</summary>
        public void ATaskInTheBackgroundIsNotWaitedFor()
        {
            var seen = new List<string>();
            desk.Event(main, () =>
            {
                desk.Background(main, "step", "count", new object[0], progress => new Closed(), e => seen.Add(e.Words));
                seen.Add("on");
            });
            hands.Coming.First.Value();
            Same(new[] { "on", "closed" }, seen);
        }

        /// <summary>D3, D6: the departure ends scripts that wait, and hands over the code.</summary>
        public void TheDepartureEndsWhatWaits()
        {
            var form = new Sheet(desk, "Child");
            var went = new List<string>();
            hands.Coming.AddLast(() => desk.Event(form, () => desk.End(3, "")));
            desk.Event(main, () =>
            {
                desk.Ask(main, main, Manner.WaitsForOwner, form);
                went.Add("on");
            });
            Same(new[] { 3 }, codes);
            Same(new string[0], went);
            Same(new string[0], heard.Faults);
        }

        /// <summary>D2: a departure that is refused changes nothing.</summary>
        public void ADepartureThatIsRefusedChangesNothing()
        {
            main.Refuses = true;
            var calledOff = new List<bool>();
            desk.Event(main, () => calledOff.Add(desk.End(3, "")));
            Same(new[] { true }, calledOff);
            Same(new int[0], codes);
            Same(new[] { main }, desk.Windows);
        }

        /// <summary>X3, D6: a fault ends its script only, and makes the exit code 1.</summary>
        public void AFaultEndsItsScriptOnly()
        {
            desk.Event(main, () => desk.The<Elsewhere>());
            Same(new[] { "X3: it is not open" }, heard.Faults);
            desk.Event(main, () => desk.End(null, ""));
            Same(new[] { 1 }, codes);
        }

        public void AnEndingSaysItsNameInWords()
        {
            Same(
                new[] { "left unsaved", "close box" },
                new[] { new LeftUnsaved().Words, new Closing(Way.CloseBox, null).By });
        }
    }
}
