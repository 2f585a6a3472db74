using System;
using System.Collections.Generic;
using System.Drawing;
using System.Linq;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>What shows the items of a choice.</summary>
    internal interface IItems
    {
        WinForms.Control Control { get; }

        /// <param name="chosen">empty for none</param>
        void Show(List<string> items, string chosen);

        /// <summary>Hears of each item that is chosen, by whomever.</summary>
        void WhenChosen(Action<string> hears);

        /// <summary>As a person does.</summary>
        void Press(string item);

        void CanBeUsed(bool yes);
    }

    /// <summary>The items of a choice in a list that drops down.</summary>
    internal sealed class DropDown : IItems
    {
        private readonly WinForms.ComboBox box = new WinForms.ComboBox
        {
            DropDownStyle = WinForms.ComboBoxStyle.DropDownList,
            Width = 180
        };

        public WinForms.Control Control
        {
            get { return box; }
        }

        public void Show(List<string> items, string chosen)
        {
            if (!items.SequenceEqual(box.Items.Cast<string>()))
            {
                box.Items.Clear();
                box.Items.AddRange(items.Cast<object>().ToArray());
            }
            box.SelectedIndex = chosen == "" ? -1 : items.IndexOf(chosen);
        }

        public void WhenChosen(Action<string> hears)
        {
            box.SelectedIndexChanged += (sender, e) =>
            {
                if (box.SelectedItem != null)
                {
                    hears((string)box.SelectedItem);
                }
            };
        }

        public void Press(string item)
        {
            box.SelectedItem = item;
        }

        public void CanBeUsed(bool yes)
        {
            box.Enabled = yes;
        }
    }

    /// <summary>The items of a choice as radio buttons beside each other.</summary>
    internal sealed class RadioButtons : IItems
    {
        private readonly WinForms.FlowLayoutPanel panel = new WinForms.FlowLayoutPanel
        {
            AutoSize = true,
            AutoSizeMode = WinForms.AutoSizeMode.GrowAndShrink,
            Margin = WinForms.Padding.Empty
        };

        private List<string> shown = new List<string>();
        private Action<string> hears = item => { };

        public WinForms.Control Control
        {
            get { return panel; }
        }

        private WinForms.RadioButton Button(string item)
        {
            return (WinForms.RadioButton)panel.Controls[shown.IndexOf(item)];
        }

        public void Show(List<string> items, string chosen)
        {
            if (!items.SequenceEqual(shown))
            {
                while (panel.Controls.Count > 0)
                {
                    panel.Controls[0].Dispose();
                }
                shown = items;
                items.ForEach(Add);
            }
            foreach (var item in shown)
            {
                Button(item).Checked = item == chosen;
            }
        }

        private void Add(string item)
        {
            var button = new WinForms.RadioButton { Text = item, AutoSize = true, UseMnemonic = false };
            button.CheckedChanged += (sender, e) =>
            {
                if (button.Checked)
                {
                    hears(item);
                }
            };
            panel.Controls.Add(button);
        }

        public void WhenChosen(Action<string> other)
        {
            hears = other;
        }

        public void Press(string item)
        {
            Button(item).Checked = true;
        }

        public void CanBeUsed(bool yes)
        {
            panel.Enabled = yes;
        }
    }

    /// <summary>The items of a choice as pages; what stands on one is seen while it is chosen (P8).</summary>
    internal sealed class Pages : IItems
    {
        private const int Rim = 34;

        private readonly WinForms.TabControl tabs = new WinForms.TabControl { Dock = WinForms.DockStyle.Fill };
        private readonly Dictionary<string, WinForms.TabPage> pages = new Dictionary<string, WinForms.TabPage>();
        private List<string> shown = new List<string>();
        private bool building;

        /// <summary>Whose items they are.</summary>
        public Part Part
        {
            set { tabs.Tag = value; }
        }

        public WinForms.Control Control
        {
            get { return tabs; }
        }

        public void Show(List<string> items, string chosen)
        {
            if (!items.SequenceEqual(shown))
            {
                building = true;
                shown = items;
                tabs.TabPages.Clear();
                items.ForEach(item => tabs.TabPages.Add(Tab(item)));
                building = false;
            }
            tabs.SelectedIndex = shown.IndexOf(chosen);
        }

        private WinForms.TabPage Tab(string item)
        {
            WinForms.TabPage page;
            if (!pages.TryGetValue(item, out page))
            {
                page = new WinForms.TabPage(item) { Padding = new WinForms.Padding(6), UseVisualStyleBackColor = true };
                pages.Add(item, page);
            }
            return page;
        }

        /// <summary>Where what stands on a page is laid out.</summary>
        public WinForms.TableLayoutPanel Page(string item)
        {
            var page = Tab(item);
            if (page.Controls.Count == 0)
            {
                var inside = new WinForms.TableLayoutPanel { ColumnCount = 1, Dock = WinForms.DockStyle.Fill };
                inside.ColumnStyles.Add(new WinForms.ColumnStyle(WinForms.SizeType.Percent, 100));
                inside.ControlAdded += (sender, e) => Grow(inside);
                page.Controls.Add(inside);
            }
            return (WinForms.TableLayoutPanel)page.Controls[0];
        }

        /// <summary>By itself it is no larger for what stands on its pages.</summary>
        private void Grow(WinForms.TableLayoutPanel inside)
        {
            var wanted = inside.GetPreferredSize(Size.Empty);
            tabs.MinimumSize = new Size(
                Math.Max(tabs.MinimumSize.Width, wanted.Width + Rim),
                Math.Max(tabs.MinimumSize.Height, wanted.Height + 2 * Rim));
        }

        /// <summary>Whether anything stands on it.</summary>
        public bool IsTall
        {
            get { return pages.Values.Any(p => p.Controls.Count > 0); }
        }

        /// <summary>
        /// Whether a control is seen as far as pages go: each that it stands on is chosen, and visible.
        /// </summary>
        internal static bool Shows(WinForms.Control control)
        {
            for (var c = control; c != null && c.Parent != null; c = c.Parent)
            {
                var tabs = c.Parent as WinForms.TabControl;
                if (tabs != null && (!((Part)tabs.Tag).Visible || tabs.SelectedTab != c))
                {
                    return false;
                }
            }
            return true;
        }

        public void WhenChosen(Action<string> hears)
        {
            tabs.SelectedIndexChanged += (sender, e) =>
            {
                if (!building && tabs.SelectedIndex >= 0)
                {
                    hears(shown[tabs.SelectedIndex]);
                }
            };
        }

        public void Press(string item)
        {
            tabs.SelectedIndex = shown.IndexOf(item);
        }

        public void CanBeUsed(bool yes)
        {
            tabs.Enabled = yes;
        }
    }
}
