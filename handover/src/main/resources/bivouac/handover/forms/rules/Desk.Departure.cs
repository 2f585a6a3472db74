using System;
using System.Collections.Generic;
using System.Linq;

namespace Rules
{
    // Departure (D1 to D6)
    public sealed partial class Desk
    {
        /// <summary>
        /// The step <i>end the application</i>; goes on where it is put off, and answers true where it was called
        /// off.
        /// </summary>
        public bool End(int? code, string text)
        {
            var undecided = FromTop<Request>().FirstOrDefault(r => !r.Decided);
            if (planned || undecided != null && undecided.Departure)
            {
                Say(code, text); // a later word on it is the last (D6)
                return false;
            }
            if (undecided != null)
            {
                undecided.EndAfter = () => End(code, text); // W6
                return false;
            }
            var codeBefore = exitCode;
            var textBefore = saying;
            Say(code, text);
            if (Depart(null, Way.Departure))
            {
                throw new Gone();
            }
            exitCode = codeBefore;
            saying = textBefore;
            return true;
        }

        private void Say(int? code, string text)
        {
            exitCode = code ?? exitCode;
            saying = text == "" ? saying : text;
        }

        private bool Depart(DeskWindow first, Way way)
        {
            bool already = FromTop<Request>().Any(r => r.Departure);
            if (departed || already || first != null && AlreadyAsked(first))
            {
                return false;
            }
            var request = new Request(first, true);
            stack.Add(request);
            try
            {
                if (!AllAgree(request, first, way))
                {
                    return false;
                }
                request.Decided = true;
                LetAllGo();
                LeaveAll(request);
                planned = true;
                design.Plan(); // D4
                LeaveAll(request);
                GiveBackAllOf(null); // D5
                if (design.SaveKept())
                {
                    Act("saves kept values"); // D6
                }
                int code = exitCode ?? (faulted ? 1 : 0);
                Act("ends with code " + code + (saying == "" ? "" : ", saying " + saying));
                if (saying != "")
                {
                    Console.Error.WriteLine(saying);
                }
                departed = true;
            }
            finally
            {
                stack.Remove(request);
            }
            foreach (var wait in FromTop<Wait>())
            {
                LetGo(wait);
            }
            return true;
        }

        /// <summary>
        /// Those that the design names first, then the window that asked for it, then the others (D2).
        /// </summary>
        private bool AllAgree(Request request, DeskWindow first, Way way)
        {
            var forOthers = way == Way.SessionEnding ? way : Way.Departure;
            while (true)
            {
                var next = NextToAsk(request, null);
                bool listed = next != null && design.AskedFirst.Contains(next.Name);
                bool firstIsNext =
                    !listed && first != null && windows.Contains(first) && !request.Asked.ContainsKey(first);
                var asked = firstIsNext ? first : next;
                if (asked == null)
                {
                    return true;
                }
                var by = asked == first ? way : forOthers;
                if (!Agrees(request, asked, by, () => asked.EndingFor(by)))
                {
                    return false;
                }
            }
        }

        /// <summary>All scripts and background tasks are let go, without fault (D3).</summary>
        private void LetAllGo()
        {
            foreach (var wait in FromTop<Wait>())
            {
                wait.LetGo = true;
            }
            foreach (var script in FromTop<Script>())
            {
                script.Ended = true;
            }
            foreach (var turns in FromTop<Turns>())
            {
                turns.Left.Clear();
            }
            foreach (var request in FromTop<Request>())
            {
                request.Decided = true;
            }
            branches.Clear();
            LetGoOf(w => true);
        }

        private void LeaveAll(Request request)
        {
            var first = request.Root;
            for (var roots = InOrder(null); roots.Count > 0; roots = InOrder(null))
            {
                bool listed = design.AskedFirst.Contains(roots[0].Name);
                bool firstIsNext = !listed && first != null && windows.Contains(first);
                Leave(
                    firstIsNext ? first : roots[0], request, new Dictionary<DeskWindow, Ending>(), new List<Action>());
            }
        }

        /// <summary>A step of the departure plan: a fault in it does not prevent the steps after it (D4).</summary>
        public void Step(Action step)
        {
            DoScript(null, step, true);
        }
    }
}
