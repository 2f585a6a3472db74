using System;
using System.Collections.Generic;
using System.Drawing;
using System.Linq;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>A part that a person presses: a button, a tick box, a command of a menu.</summary>
    public abstract class Pressed : Part
    {
        private string marked = "";

        protected Pressed(Face window, string name, WinForms.Control control) : base(window, name, control)
        {
        }

        /// <summary>With <c>&amp;</c> before its access key.</summary>
        public string Text
        {
            get { return marked; }
            set
            {
                marked = value;
                Put(value);
            }
        }

        protected abstract void Put(string text);

        public virtual bool Ticked
        {
            get { return false; }
            set { throw new InvalidOperationException(Name + " carries no tick"); }
        }

        /// <summary>As a person does: nothing happens where it is disabled.</summary>
        public abstract void Press();

        public override string Shown
        {
            get { return Unmarked(marked) + (Ticked ? " [ticked]" : ""); }
        }
    }

    public sealed class Button : Pressed
    {
        private readonly WinForms.Button button;

        public Button(Face window, string name) : this(window, name, Made())
        {
        }

        private Button(Face window, string name, WinForms.Button button) : base(window, name, button)
        {
            this.button = button;
            button.Click += (sender, e) => Happens();
        }

        /// <summary>A button as wide as its text, and no narrower than usual.</summary>
        internal static WinForms.Button Made()
        {
            return new WinForms.Button
            {
                AutoSize = true,
                MinimumSize = new Size(84, 28),
                Margin = new WinForms.Padding(3, 6, 6, 3)
            };
        }

        /// <summary>Enter presses it.</summary>
        public void IsDefault()
        {
            Form.AcceptButton = button;
        }

        protected override void Put(string text)
        {
            button.Text = text;
        }

        public override void Press()
        {
            button.PerformClick();
        }
    }

    /// <summary>A yes or no that a person can tick.</summary>
    public sealed class TickBox : Pressed
    {
        private readonly WinForms.CheckBox box;
        private bool setting;

        public TickBox(Face window, string name) : this(window, name, new WinForms.CheckBox { AutoSize = true })
        {
        }

        private TickBox(Face window, string name, WinForms.CheckBox box) : base(window, name, box)
        {
            this.box = box;
            box.CheckedChanged += (sender, e) =>
            {
                if (!setting)
                {
                    Happens();
                }
            };
        }

        protected override void Put(string text)
        {
            box.Text = text;
        }

        public override bool Ticked
        {
            get { return box.Checked; }
            set
            {
                setting = true; // what a script changes starts nothing (P2)
                box.Checked = value;
                setting = false;
            }
        }

        public override void Press()
        {
            if (Usable)
            {
                box.Checked = !box.Checked;
            }
        }
    }

    /// <summary>A command in a menu.</summary>
    public class MenuCommand : Pressed, IInMenu
    {
        /// <param name="ticking">whether it carries a tick, which choosing it turns over</param>
        public MenuCommand(Face window, string name, bool ticking = false) : base(window, name, null)
        {
            Item = new WinForms.ToolStripMenuItem { CheckOnClick = ticking };
            Item.Click += (sender, e) => Pressed();
        }

        protected virtual void Pressed()
        {
            Happens();
        }

        internal WinForms.ToolStripItem Item { get; }

        /// <summary>The same command in a row of tools: usable, ticked and pressed as the one in the menu (P8).</summary>
        internal WinForms.ToolStripItem MakeTool()
        {
            var tool = new WinForms.ToolStripButton { DisplayStyle = WinForms.ToolStripItemDisplayStyle.Text };
            Action follow = () =>
            {
                tool.Text = Item.Text;
                tool.Enabled = Item.Enabled;
                tool.Visible = Visible;
                tool.Checked = Command.Checked;
            };
            tool.Click += (sender, e) => Item.PerformClick();
            Command.CheckedChanged += (sender, e) => follow();
            Item.EnabledChanged += (sender, e) => follow();
            Item.TextChanged += (sender, e) => follow();
            Item.VisibleChanged += (sender, e) => follow();
            follow();
            return tool;
        }

        public IReadOnlyList<WinForms.ToolStripItem> Items
        {
            get { return new[] { Item }; }
        }

        /// <summary>There is always one.</summary>
        public void WhenOthers(Action arrange)
        {
        }

        private WinForms.ToolStripMenuItem Command
        {
            get { return (WinForms.ToolStripMenuItem)Item; }
        }

        /// <param name="keys">as <c>Ctrl+Shift+S</c></param>
        public void Shortcut(string keys)
        {
            Command.ShortcutKeyDisplayString = keys;
            Form.Shortcut(Keys(keys), Press);
        }

        internal static WinForms.Keys Keys(string keys)
        {
            return keys.Split('+').Select(Key).Aggregate(WinForms.Keys.None, (all, key) => all | key);
        }

        private static WinForms.Keys Key(string name)
        {
            switch (name)
            {
                case "Ctrl":
                    return WinForms.Keys.Control;
                case "Alt":
                    return WinForms.Keys.Alt;
                case "Shift":
                    return WinForms.Keys.Shift;
                default:
                    var digit = name.Length == 1 && char.IsDigit(name[0]) ? "D" + name : name;
                    WinForms.Keys key;
                    return Enum.TryParse(digit, true, out key) ? key : WinForms.Keys.None;
            }
        }

        protected override void Put(string text)
        {
            Item.Text = text;
        }

        protected override void Apply()
        {
            Item.Enabled = Usable;
        }

        protected override void ApplyVisible()
        {
            Item.Visible = Visible;
        }

        protected override void Put(Font other)
        {
            Item.Font = other;
        }

        protected override void Put(Color other)
        {
            Item.ForeColor = other;
        }

        public override bool Ticked
        {
            get { return Command.Checked; }
            set { Command.Checked = value; }
        }

        public override void Press()
        {
            Item.PerformClick();
        }
    }
}
