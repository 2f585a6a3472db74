using System;
using System.Collections.Generic;
using System.Drawing;
using System.Linq;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>For those who drive it without knowing what its rows are.</summary>
    public interface IEach
    {
        /// <summary>As a person does, by its number from 1.</summary>
        void Press(int number);
    }

    /// <summary>
    /// A part of which there is one for each row of a list, or for each open window (P5). It follows when the
    /// application is at rest; what stands on one has no access key.
    /// </summary>
    public abstract class EachPart<T> : Part, IEach
    {
        private const int Most = 200;

        private Func<T, bool> ticked = row => false;
        private Func<T, bool> enabled = row => true;
        private Action<T> script = row => { };
        private IReadOnlyList<T> rows = new List<T>();
        private IReadOnlyList<One> shown = new List<One>();

        /// <summary>What is seen of one.</summary>
        protected sealed class One
        {
            public One(string text, bool ticked, bool enabled)
            {
                Text = text;
                Ticked = ticked;
                Enabled = enabled;
            }

            public string Text { get; }

            public bool Ticked { get; }

            public bool Enabled { get; }
        }

        protected EachPart(Face window, string name, WinForms.Control control) : base(window, name, control)
        {
        }

        /// <summary>What is done about the row of the one that is pressed.</summary>
        public void OnRow(Action<T> other)
        {
            script = other;
        }

        public void TickedWhen(Func<T, bool> other)
        {
            ticked = other;
        }

        public void EnabledWhen(Func<T, bool> other)
        {
            enabled = other;
        }

        public void Rows(IEnumerable<T> others, Func<T, string> text)
        {
            rows = others.Take(Most).ToList();
            shown = rows.Select(row => new One(text(row), ticked(row), Enabled && enabled(row))).ToList();
            Arrange(shown);
        }

        /// <summary>Shows these, and no more.</summary>
        protected abstract void Arrange(IReadOnlyList<One> all);

        /// <summary>A person presses one, by its number from 0; its row is the value that stands there now.</summary>
        protected void Pressed(int number)
        {
            var row = rows[number];
            Happens(() => script(row));
        }

        public void Press(int number)
        {
            if (number > shown.Count || !shown[number - 1].Enabled)
            {
                throw new InvalidOperationException(Name + " cannot be pressed in row " + number);
            }
            Click(number - 1);
        }

        protected abstract void Click(int number);

        protected bool IsThere(int number)
        {
            return number < shown.Count && shown[number].Enabled && Visible;
        }

        /// <summary>Each also has a condition of its own, and shows both when the application is at rest.</summary>
        protected override void Apply()
        {
        }

        public override string Shown
        {
            get
            {
                return string.Join(
                    " | ",
                    shown.Select(one => one.Text + (one.Ticked ? " [ticked]" : "") + (one.Enabled ? "" : " [disabled]")));
            }
        }

        internal override string Line
        {
            get { return Shown + (Visible ? "" : " [invisible]"); }
        }
    }

    /// <summary>The buttons of which there is one for each row, or for each open window (P5).</summary>
    public sealed class EachButton<T> : EachPart<T>
    {
        private readonly WinForms.FlowLayoutPanel panel;

        public EachButton(Face window, string name) : this(window, name, new WinForms.FlowLayoutPanel())
        {
        }

        private EachButton(Face window, string name, WinForms.FlowLayoutPanel panel) : base(window, name, panel)
        {
            this.panel = panel;
            panel.AutoSize = true;
            panel.AutoSizeMode = WinForms.AutoSizeMode.GrowAndShrink;
            panel.MaximumSize = new Size(560, 0);
            panel.Margin = WinForms.Padding.Empty;
        }

        protected override void Arrange(IReadOnlyList<One> all)
        {
            while (panel.Controls.Count > all.Count)
            {
                panel.Controls[panel.Controls.Count - 1].Dispose();
            }
            for (int i = panel.Controls.Count; i < all.Count; i++)
            {
                int number = i;
                var button = Button.Made();
                button.UseMnemonic = false;
                button.Click += (sender, e) => Pressed(number);
                panel.Controls.Add(button);
            }
            for (int i = 0; i < all.Count; i++)
            {
                panel.Controls[i].Text = all[i].Text;
                panel.Controls[i].Enabled = all[i].Enabled;
            }
        }

        protected override void Click(int number)
        {
            ((WinForms.Button)panel.Controls[number]).PerformClick();
        }
    }

    /// <summary>The commands of a menu of which there is one for each row, or for each open window (P5).</summary>
    public sealed class EachCommand<T> : EachPart<T>, IInMenu
    {
        private const int Shortcuts = 9;

        private readonly string shortcut;
        private readonly List<WinForms.ToolStripItem> items = new List<WinForms.ToolStripItem>();
        private Action arrange = () => { };

        /// <param name="shortcut">of the first, as <c>Ctrl+1</c>, which counts on; empty for none</param>
        public EachCommand(Face window, string name, string shortcut = "") : base(window, name, null)
        {
            this.shortcut = shortcut.EndsWith("+1") ? shortcut.Substring(0, shortcut.Length - 1) : "";
            for (int i = 0; i < Shortcuts && this.shortcut != ""; i++)
            {
                int number = i;
                Form.Shortcut(MenuCommand.Keys(this.shortcut + (i + 1)), () => Chosen(number));
            }
        }

        private void Chosen(int number)
        {
            if (IsThere(number))
            {
                Click(number);
            }
        }

        public IReadOnlyList<WinForms.ToolStripItem> Items
        {
            get { return items; }
        }

        public void WhenOthers(Action other)
        {
            arrange = other;
        }

        protected override void Arrange(IReadOnlyList<One> all)
        {
            int before = items.Count;
            while (items.Count > all.Count)
            {
                items.RemoveAt(items.Count - 1);
            }
            for (int i = items.Count; i < all.Count; i++)
            {
                int number = i;
                var item = new WinForms.ToolStripMenuItem();
                item.ShortcutKeyDisplayString = shortcut == "" || i >= Shortcuts ? "" : shortcut + (i + 1);
                item.Click += (sender, e) => Pressed(number);
                items.Add(item);
            }
            for (int i = 0; i < all.Count; i++)
            {
                var item = (WinForms.ToolStripMenuItem)items[i];
                item.Text = all[i].Text.Replace("&", "&&");
                item.Checked = all[i].Ticked;
                item.Enabled = all[i].Enabled;
                item.Visible = Visible;
            }
            if (items.Count != before)
            {
                arrange();
            }
        }

        protected override void Click(int number)
        {
            items[number].PerformClick();
        }

        protected override void ApplyVisible()
        {
            items.ForEach(item => item.Visible = Visible);
        }

        protected override void Put(Font other)
        {
            items.ForEach(item => item.Font = other);
        }

        protected override void Put(Color other)
        {
            items.ForEach(item => item.ForeColor = other);
        }
    }
}
