using System;
using System.Collections.Generic;

namespace Rules
{
    /// <summary>
    /// A window as the rules see it. The upper half is overridden by the windows of a design, the lower one by the
    /// frame.
    /// </summary>
    public abstract class DeskWindow
    {
        /// <param name="key">tells windows of a name apart, of which there is one for each (O3); null for none</param>
        protected DeskWindow(Desk desk, string name, object key)
        {
            Desk = desk;
            Name = name;
            Key = key;
        }

        public Desk Desk { get; }

        public string Name { get; }

        public object Key { get; }

        public DeskWindow Owner { get; internal set; }

        public DeskWindow Opener { get; internal set; }

        internal Manner Manner { get; set; }

        internal int Number { get; set; }

        /// <summary>Later ones that are waited for block earlier ones (B1).</summary>
        internal int Rank { get; set; }

        internal bool Hidden { get; set; }

        /// <summary>The parts that show how far work is (W9).</summary>
        internal List<IWorkShown> ShownWork { get; } = new List<IWorkShown>();

        protected internal void Shows(IWorkShown part)
        {
            ShownWork.Add(part);
        }

        // What a design says

        protected internal virtual void Opened()
        {
        }

        protected internal virtual void BroughtBack()
        {
        }

        /// <summary>Whether the window answers something from outside (F1).</summary>
        protected internal virtual bool Hears(Outside what)
        {
            return false;
        }

        /// <summary>Answers it.</summary>
        protected internal virtual void Hear(Outside what, IReadOnlyList<string> files)
        {
        }

        /// <summary>The files that it has open (F3).</summary>
        protected internal virtual IReadOnlyList<string> OpenFiles
        {
            get { return new string[0]; }
        }

        /// <summary>The script before closing; <c>false</c> keeps the window open (C2).</summary>
        protected internal virtual bool MayClose(Closing closing)
        {
            return true;
        }

        /// <summary>Whether a way out goes past the script before closing (C2).</summary>
        protected internal virtual bool IsUnasked(Way way)
        {
            return false;
        }

        /// <summary>Where a way out leads (C1); null where it leads nowhere.</summary>
        protected internal abstract Ending EndingFor(Way way);

        /// <summary>The script after closing (C5).</summary>
        protected internal virtual void AfterClosing(Closing closing)
        {
        }

        /// <summary>Brings live texts and conditions up to date (P3).</summary>
        protected internal virtual void Refresh()
        {
        }

        /// <summary>What a message box asks.</summary>
        protected internal virtual string Asks
        {
            get { return ""; }
        }

        /// <summary>A message box, file dialog or picker: it is asked nothing before it closes.</summary>
        protected internal virtual bool IsReadyMade
        {
            get { return false; }
        }

        /// <summary>A file dialog or a picker, which nobody can take away (C3).</summary>
        protected internal virtual bool CannotBeTakenAway
        {
            get { return false; }
        }

        // What the frame does

        protected internal abstract void Show();

        protected internal abstract void ToFront();

        protected internal abstract void LeaveScreen();

        /// <summary>Off the screen for a while, or back (C9).</summary>
        protected internal abstract void ShowHidden(bool hidden);

        public abstract string Title { get; set; }

        /// <summary>What the parts of the window show, a line each, for those who compare.</summary>
        public abstract IEnumerable<string> Seen { get; }

        // For scripts

        /// <summary>Its name, and which one it is where several are open.</summary>
        public string Which
        {
            get { return Number <= 1 ? Name : Name + " (" + Number + ")"; }
        }

        /// <summary>The owner as a window of a kind; fault X3 where there is none.</summary>
        public T OwnerAs<T>() where T : DeskWindow
        {
            return Needed<T>(Owner, "owner");
        }

        /// <summary>
        /// The window whose script opened this one, as a window of a kind; fault X3 where it has gone.
        /// </summary>
        public T OpenerAs<T>() where T : DeskWindow
        {
            return Needed<T>(Opener, "opener");
        }

        private static T Needed<T>(DeskWindow window, string what) where T : DeskWindow
        {
            if (window is T)
            {
                return (T)window;
            }
            throw new Fault("X3", "this window has no " + what + " now");
        }

        /// <summary>Whether it, or what owns it, is off the screen.</summary>
        public bool IsHidden
        {
            get { return Hidden || Owner != null && Owner.IsHidden; }
        }

        /// <summary>Whether this is <paramref name="other"/>, or owned by it, however far below.</summary>
        internal bool Within(DeskWindow other)
        {
            for (var w = this; w != null; w = w.Owner)
            {
                if (w == other)
                {
                    return true;
                }
            }
            return false;
        }

        /// <summary>
        /// The <i>close</i> step of this window's own scripts: goes on only if the request was refused (W6).
        /// </summary>
        protected void Close(Func<Ending> ending = null)
        {
            if (Desk.Ask(this, Way.CloseStep, ending ?? (() => EndingFor(Way.CloseStep))))
            {
                throw new Gone();
            }
        }

        /// <summary>
        /// The close box of the screen: it cancels work that is waited for and shown here (W10), else leaves.
        /// </summary>
        public void CloseBox()
        {
            if (!Desk.IsCancelledByLeaving(this))
            {
                CloseBoxUsed();
            }
        }

        /// <summary>Escape, likewise.</summary>
        public void EscapeKey()
        {
            if (!Desk.IsCancelledByLeaving(this))
            {
                EscapePressed();
            }
        }

        public virtual void CloseBoxUsed()
        {
            Leave(Way.CloseBox);
        }

        public virtual void EscapePressed()
        {
            Leave(Way.Escape);
        }

        private void Leave(Way way)
        {
            Desk.Event(this, () =>
            {
                if (EndingFor(way) != null)
                {
                    Desk.Ask(this, way, () => EndingFor(way));
                }
            });
        }
    }
}
