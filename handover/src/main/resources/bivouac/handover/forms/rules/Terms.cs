using System;
using System.Collections.Generic;
using System.Globalization;
using System.Text.RegularExpressions;

namespace Rules
{
    /// <summary>How a window is opened (B1, B2).</summary>
    public enum Manner
    {
        Alongside,
        WaitsForOwner,
        WaitsForApplication
    }

    /// <summary>By which way a window is asked to close (C1).</summary>
    public enum Way
    {
        CloseStep,
        CloseBox,
        Escape,
        OwnerClosing,
        Departure,
        SessionEnding
    }

    /// <summary>What comes from outside of all windows, and is answered where the design says how (F1 to F3).</summary>
    public enum Outside
    {
        FilesOpened,
        FilesDropped,
        FileChanged,
        FileGone
    }

    /// <summary>How a window or a task ended; derived for each way that there is, with what it gives.</summary>
    public abstract class Ending
    {
        private static readonly object[] Nothing = { };

        /// <summary>Its name in words: <c>LeaveUnsaved</c> is "leave unsaved".</summary>
        public virtual string Words
        {
            get { return InWords(GetType().Name); }
        }

        /// <summary>What it gives, in order.</summary>
        public virtual object[] Gives
        {
            get { return Nothing; }
        }

        internal static string InWords(string name)
        {
            return Regex.Replace(name, "(?<=.)(?=[A-Z])", " ").ToLower(CultureInfo.InvariantCulture);
        }
    }

    /// <summary>Whether the system could do something (O7, H2).</summary>
    public abstract class Tried : Ending
    {
        public sealed class Done : Tried
        {
        }

        public sealed class CouldNot : Tried
        {
            public CouldNot(string reason)
            {
                Reason = reason;
            }

            public string Reason { get; }
        }
    }

    /// <summary>
    /// The work of a task threw (W8), or said nothing of how it ended. Scripts meet it as an ending of their own task.
    /// </summary>
    public sealed class Broke : Ending
    {
        public Broke(string reason)
        {
            Reason = reason;
        }

        public string Reason { get; }

        /// <summary>How work ended: as it says; or it broke, which the error output is told too.</summary>
        public static Ending OrEnding(string name, Func<Ending> body)
        {
            try
            {
                return body() ?? new Broke("it did not say how it ended");
            }
            catch (Exception failure)
            {
                Console.Error.WriteLine("“" + name + "” broke: " + failure);
                var said = failure.Message;
                return new Broke(string.IsNullOrWhiteSpace(said) ? failure.GetType().Name : said);
            }
        }
    }

    /// <summary>Why a window closes: the way out, and the ending that it leads to (C2, C5).</summary>
    public sealed class Closing
    {
        private readonly Ending ending;

        public Closing(Way way, Ending ending)
        {
            Way = way;
            this.ending = ending;
        }

        public Way Way { get; }

        /// <summary>The way in words, as scripts compare it.</summary>
        public string By
        {
            get { return Way == Way.Escape ? "Escape" : Ending.InWords(Way.ToString()); }
        }

        /// <summary>The ending in words; empty where there is none.</summary>
        public string To
        {
            get { return ending == null ? "" : ending.Words; }
        }
    }

    /// <summary>
    /// Something that the rules call a fault: a value that is not there, a window opened twice (X1 to X11).
    /// </summary>
    public sealed class Fault : Exception
    {
        public Fault(string rule, string message) : base(rule + ": " + message)
        {
        }
    }

    /// <summary>
    /// Ends a script whose window has gone, or that the departure lets go (W6, D3). Only the desk catches it.
    /// </summary>
    internal sealed class Gone : Exception
    {
    }

    /// <summary>
    /// Ends a script that says <i>stay open</i> somewhere below the one that was asked (C2). Only the desk catches
    /// it.
    /// </summary>
    internal sealed class Refused : Exception
    {
    }

    /// <summary>What the design says of the application as a whole.</summary>
    public interface IDesign
    {
        /// <summary>The names of its windows, in order.</summary>
        string[] Windows { get; }

        /// <summary>Those that are asked before all others, in order (D2).</summary>
        string[] AskedFirst { get; }

        /// <summary>The main window with whose closing the application ends (D1); empty for none.</summary>
        string DepartsWith { get; }

        /// <summary>Whether it ends when the last window has closed (D1).</summary>
        bool DepartsWithLast { get; }

        /// <summary>The departure plan (D4).</summary>
        void Plan();

        /// <summary>Saves what outlives the run (D6); answers whether there is anything.</summary>
        bool SaveKept();

        /// <summary>The tasks that tell how far they are (W9).</summary>
        string[] ShowsProgress { get; }

        /// <summary>The tasks that can be asked to end before they are done (W10).</summary>
        string[] MayBeCancelled { get; }

        /// <summary>Whether there is something that is done for all tasks whose work breaks (W8).</summary>
        bool SaysWhenWorkBreaks { get; }

        /// <summary>Says it.</summary>
        /// <param name="me">the window whose script ran the task; null for the application</param>
        void WhenWorkBreaks(DeskWindow me, string task, string reason);
    }

    /// <summary>An application that answers something from outside (F1).</summary>
    public interface IHears
    {
        bool Hears(Outside what);

        /// <summary>Answers it.</summary>
        void Hear(Outside what, IReadOnlyList<string> files);
    }

    /// <summary>What a toolkit lends to the desk: waiting while events go on, being called later, and time.</summary>
    public interface ILoop
    {
        /// <summary>Deals with events until something is over.</summary>
        void WaitUntil(Func<bool> over);

        void Later(Action what);

        /// <summary>Calls again and again, until what it answers is disposed of.</summary>
        IDisposable Every(double seconds, Action what);
    }

    /// <summary>Who carries out tasks, off the interface's thread.</summary>
    public interface IWorker
    {
        /// <param name="progress">what it tells and is told by; of the window whose script began it</param>
        /// <param name="done">hears how it ended, on the interface's thread</param>
        void Begin(string name, Progress progress, Func<Ending> body, Action<Ending> done);
    }

    /// <summary>Who watches the application: a test, or nobody.</summary>
    public class Watcher
    {
        /// <summary>Something was seen (E3).</summary>
        public virtual void Act(string what)
        {
        }

        /// <summary>All that an event caused is done, or waits (E2).</summary>
        public virtual void AtRest()
        {
        }

        public virtual void Fault(Exception fault)
        {
        }
    }
}
