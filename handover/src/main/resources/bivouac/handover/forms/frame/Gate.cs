using System;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>Keeps keys and pointer from blocked windows (B3), before any control sees them.</summary>
    public sealed class Gate : WinForms.IMessageFilter
    {
        private const int KeyFirst = 0x100;
        private const int KeyLast = 0x109;
        private const int MouseFirst = 0x200;
        private const int MouseLast = 0x20E;
        private const int NonClientFirst = 0xA0;
        private const int NonClientLast = 0xAD;
        private const int SystemCommand = 0x112;
        private static readonly bool OnMono = Type.GetType("Mono.Runtime") != null;

        private Gate()
        {
        }

        /// <summary>Once, before the first window.</summary>
        public static void Install()
        {
            WinForms.Application.AddMessageFilter(new Gate());
        }

        public bool PreFilterMessage(ref WinForms.Message message)
        {
            bool key = IsBetween(message.Msg, KeyFirst, KeyLast);
            bool fromPerson = key || IsBetween(message.Msg, MouseFirst, MouseLast)
                || IsBetween(message.Msg, NonClientFirst, NonClientLast) || message.Msg == SystemCommand;
            if (!fromPerson)
            {
                return false;
            }
            var control = WinForms.Control.FromChildHandle(message.HWnd);
            var form = control == null ? null : control.FindForm() as FrameForm;
            if (form != null && form.Window.Desk.Blocked(form.Window) && !IsCancelling(form.Window, control, message))
            {
                return true;
            }
            // DoEvents of Mono leaves out default button, Escape, shortcuts and access keys
            return OnMono && key && FormsLoop.Waiting > 0 && control != null && control.PreProcessMessage(ref message);
        }

        /// <summary>
        /// All that a person can do while work is waited for: ask it to end, where a window shows it (B3, W10).
        /// </summary>
        private static bool IsCancelling(FrameWindow window, WinForms.Control control, WinForms.Message message)
        {
            bool escape = IsBetween(message.Msg, KeyFirst, KeyLast) && (int)message.WParam == (int)WinForms.Keys.Escape;
            bool closing = IsBetween(message.Msg, NonClientFirst, NonClientLast) || message.Msg == SystemCommand;
            return window.Desk.IsCancelling(window) && (escape || closing || control is WorkProgress.CancelButton);
        }

        private static bool IsBetween(int number, int first, int last)
        {
            return number >= first && number <= last;
        }
    }
}
