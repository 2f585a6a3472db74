using System;
using System.Linq;

namespace Rules
{
    // Scripts of other windows, and those that answer (W11, W12)
    public sealed partial class Desk
    {
        /// <summary>
        /// Does a named script of a window, on top of the one that does it, which waits for it. What ends it early ends
        /// that one too; null where it reaches its end, or its window goes.
        /// </summary>
        public TAnswer DoIn<TWindow, TAnswer>(TWindow window, Func<TWindow, TAnswer> script)
            where TWindow : DeskWindow where TAnswer : Ending
        {
            MayDoElsewhere();
            var frame = new Script(window, false, FromTop<Script>().FirstOrDefault());
            TAnswer answer = null;
            stack.Add(frame);
            try
            {
                CountScript();
                answer = script(window);
            }
            catch (Gone)
            {
                if (!frame.Ended || frame.EndsWithDoer)
                {
                    throw;
                }
            }
            finally
            {
                stack.Remove(frame);
            }
            GoOn();
            return answer;
        }

        /// <summary>The same of a script that answers nothing.</summary>
        public void DoIn<TWindow>(TWindow window, Action<TWindow> script) where TWindow : DeskWindow
        {
            DoIn<TWindow, Ending>(window, w => Silent(w, script));
        }

        /// <summary>
        /// Does a script in each window of a kind that is open now, one after the other, the newest first; those whose
        /// turn is to come are blocked.
        /// </summary>
        /// <param name="until">at which answers the others are left</param>
        /// <returns>that answer; null where there was none</returns>
        public TAnswer DoInEvery<TWindow, TAnswer>(Func<TWindow, TAnswer> script, Func<TAnswer, bool> until)
            where TWindow : DeskWindow where TAnswer : Ending
        {
            MayDoElsewhere();
            var turns = new Turns(Every<TWindow>());
            stack.Add(turns);
            try
            {
                while (turns.Left.Count > 0)
                {
                    var window = (TWindow)turns.Left[0];
                    turns.Left.RemoveAt(0);
                    var answer = windows.Contains(window) ? DoIn(window, script) : null;
                    if (answer != null && until(answer))
                    {
                        return answer;
                    }
                }
                return null;
            }
            finally
            {
                stack.Remove(turns);
            }
        }

        /// <summary>The same where no answer leaves the others.</summary>
        public void DoInEvery<TWindow, TAnswer>(Func<TWindow, TAnswer> script)
            where TWindow : DeskWindow where TAnswer : Ending
        {
            DoInEvery(script, answer => false);
        }

        public void DoInEvery<TWindow>(Action<TWindow> script) where TWindow : DeskWindow
        {
            DoInEvery<TWindow, Ending>(w => Silent(w, script), answer => false);
        }

        /// <summary>
        /// All that is run in it is waited for: somebody waits for the answer of the script that does it (W11).
        /// </summary>
        public void WaitingForAll(Action part)
        {
            var script = FromTop<Script>().First();
            bool before = script.WaitsForAll;
            script.WaitsForAll = true;
            try
            {
                part();
            }
            finally
            {
                script.WaitsForAll = before;
            }
        }

        private static Ending Silent<TWindow>(TWindow window, Action<TWindow> script)
        {
            script(window);
            return null;
        }

        private void MayDoElsewhere()
        {
            if (afterClosing)
            {
                throw new Fault("X10", "a script after closing does nothing in other windows");
            }
        }

        /// <summary>One more begins (X6).</summary>
        private void CountScript()
        {
            if (++begun > MostScripts || stack.Count(f => !(f is Wait || f is Turns)) > Deepest)
            {
                throw new Fault("X6", "one event costs too much");
            }
        }
    }
}
