using System;
using System.Drawing;
using System.Text.RegularExpressions;
using Rules;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>
    /// A part of a window (P1, P2). It has the name that the design gives it; the developer's tests find it by that.
    /// </summary>
    public abstract class Part
    {
        private readonly Face window;
        private readonly Font usualFont;
        private readonly Color usualColour;
        private Action script = () => { };
        private bool enabled = true;
        private bool visible = true;
        private bool readOnly;
        private string font = "";
        private string colour = "";
        private WinForms.Label besides;

        /// <param name="control">what the toolkit has for it; null for a command of a menu</param>
        protected Part(Face window, string name, WinForms.Control control)
        {
            this.window = window;
            Name = name;
            Label = "";
            Control = control;
            if (control != null)
            {
                usualFont = control.Font;
                usualColour = control.ForeColor;
                control.Anchor = IsWide ? WinForms.AnchorStyles.Left | WinForms.AnchorStyles.Right
                    : WinForms.AnchorStyles.Left;
            }
            window.Add(this);
        }

        public string Name { get; }

        /// <summary>What stands before it, with its access key.</summary>
        public string Label { get; set; }

        internal WinForms.Control Control { get; }

        /// <summary>The form that it stands on.</summary>
        internal FrameForm Form
        {
            get { return window.Form; }
        }

        /// <summary>Whether it takes the height that is left.</summary>
        internal virtual bool IsTall
        {
            get { return false; }
        }

        /// <summary>Whether it takes the width that is left.</summary>
        internal virtual bool IsWide
        {
            get { return false; }
        }

        /// <summary>What is done when it is pressed, chosen, changed, followed, or a row of it selected.</summary>
        public void On(Action other)
        {
            script = other;
        }

        /// <summary>Whether a person has changed it since a script has said that it is not (P1).</summary>
        public bool Changed { get; set; }

        /// <summary>A person did something.</summary>
        protected void Happens()
        {
            Changed = true;
            Happens(script);
        }

        /// <summary>Whether a script of the window agrees, which runs by itself (P2).</summary>
        protected bool Asks(Func<bool> may)
        {
            return window.Desk.Asks(window, may);
        }

        protected void Happens(Action what)
        {
            window.Desk.Event(window, what);
        }

        /// <summary>The label before it, whose access key leads to it.</summary>
        internal WinForms.Label MakeLabel()
        {
            besides = new WinForms.Label
            {
                Text = Label,
                AutoSize = true,
                MinimumSize = new Size(90, 0),
                Visible = visible,
                Anchor = IsTall ? WinForms.AnchorStyles.Left | WinForms.AnchorStyles.Top : WinForms.AnchorStyles.Left,
                Margin = new WinForms.Padding(3, IsTall ? 6 : 3, 6, 3)
            };
            return besides;
        }

        public void RequestFocus()
        {
            if (Control != null)
            {
                Control.Select();
            }
        }

        // What can be seen of it

        public bool Enabled
        {
            get { return enabled; }
            set
            {
                enabled = value;
                Apply();
            }
        }

        public bool Visible
        {
            get { return visible; }
            set
            {
                visible = value;
                if (besides != null)
                {
                    besides.Visible = value;
                }
                ApplyVisible();
            }
        }

        /// <summary>A read-only part takes no change from a person; scripts change it.</summary>
        public bool ReadOnly
        {
            get { return readOnly; }
            set
            {
                readOnly = value;
                Apply();
            }
        }

        /// <summary>Whether a person can do something with it.</summary>
        public bool Usable
        {
            get { return enabled && !readOnly; }
        }

        /// <summary>Shows whether it is enabled and can be changed.</summary>
        protected virtual void Apply()
        {
            Control.Enabled = Usable;
        }

        protected virtual void ApplyVisible()
        {
            Control.Visible = visible;
        }

        /// <summary>A font as pickers give it: a family and a size.</summary>
        public string Font
        {
            get { return font; }
            set
            {
                font = value;
                var said = Regex.Match(value, "^(.+) ([1-9][0-9]{0,2})$");
                Put(said.Success
                    ? new Font(said.Groups[1].Value, float.Parse(said.Groups[2].Value))
                    : usualFont);
            }
        }

        /// <summary>A colour as pickers give it: <c>#2f5d50</c>.</summary>
        public string Colour
        {
            get { return colour; }
            set
            {
                colour = value;
                Put(Regex.IsMatch(value, "^#[0-9a-fA-F]{6}$") ? ColorTranslator.FromHtml(value) : usualColour);
            }
        }

        protected virtual void Put(Font other)
        {
            Control.Font = other;
        }

        protected virtual void Put(Color other)
        {
            Control.ForeColor = other;
        }

        /// <summary>What it shows, for those who compare.</summary>
        public abstract string Shown { get; }

        /// <summary>The same, with whether it can be used and is seen.</summary>
        internal virtual string Line
        {
            get
            {
                bool seen = Visible && Pages.Shows(Control);
                return Shown + (Enabled ? "" : " [disabled]") + (seen ? "" : " [invisible]");
            }
        }

        /// <summary>A text without the mark of its access key.</summary>
        protected static string Unmarked(string marked)
        {
            return Regex.Replace(marked, "&(.)", "$1", RegexOptions.Singleline);
        }
    }
}
