using System;
using System.Collections.Generic;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>
    /// What is on the screen of a window. It never closes by itself: its close box becomes an event (C2), and only
    /// the desk takes it away.
    /// </summary>
    internal sealed class FrameForm : WinForms.Form
    {
        private readonly Dictionary<WinForms.Keys, Action> shortcuts = new Dictionary<WinForms.Keys, Action>();

        private bool leaving;

        public FrameForm(FrameWindow window)
        {
            Window = window;
        }

        public FrameWindow Window { get; }

        public void Shortcut(WinForms.Keys keys, Action press)
        {
            shortcuts[keys] = press;
        }

        public void TakeAway()
        {
            leaving = true;
            Dispose();
        }

        /// <summary>For tests: Escape without a keyboard.</summary>
        public void PressEscape()
        {
            ProcessDialogKey(WinForms.Keys.Escape);
        }

        protected override void OnFormClosing(WinForms.FormClosingEventArgs e)
        {
            base.OnFormClosing(e);
            if (leaving)
            {
                return;
            }
            e.Cancel = true;
            if (e.CloseReason == WinForms.CloseReason.WindowsShutDown)
            {
                Window.Desk.SessionEnds();
            }
            else
            {
                Window.CloseBox();
            }
        }

        protected override bool ProcessCmdKey(ref WinForms.Message message, WinForms.Keys keys)
        {
            Action press;
            if (shortcuts.TryGetValue(keys, out press))
            {
                press();
                return true;
            }
            return base.ProcessCmdKey(ref message, keys);
        }

        /// <summary>A list that is open takes Escape first.</summary>
        protected override bool ProcessDialogKey(WinForms.Keys keys)
        {
            if (keys != WinForms.Keys.Escape)
            {
                return base.ProcessDialogKey(keys);
            }
            Window.EscapeKey();
            return true;
        }
    }
}
