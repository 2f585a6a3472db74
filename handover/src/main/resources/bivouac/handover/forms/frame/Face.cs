using System;
using System.Collections.Generic;
using System.Drawing;
using System.Linq;
using Rules;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>A window with parts: how they are laid out, and where those who drive it find them.</summary>
    public abstract class Face : FrameWindow
    {
        private readonly List<Part> parts = new List<Part>();

        protected Face(Desk desk, string name, object key) : base(desk, name, key)
        {
        }

        private TextPart last;

        /// <summary>The field that has the keyboard, or had it last.</summary>
        internal void WritesIn(TextPart field)
        {
            last = field;
        }

        /// <summary>Does to that field what every field can; nothing where there was none yet (P6).</summary>
        internal void Edit(Editing what)
        {
            if (last != null && last.Enabled)
            {
                last.RequestFocus();
                last.Edit(what);
            }
        }

        internal void Add(Part part)
        {
            parts.Add(part);
        }

        /// <summary>What it starts with nobody has changed (P1).</summary>
        protected internal override void Show()
        {
            parts.ForEach(part => part.Changed = false);
            base.Show();
        }

        // Laying out

        /// <summary>A menu of the window's bar; null stands for a line.</summary>
        protected void Menu(string marked, params IInMenu[] commands)
        {
            if (Form.MainMenuStrip == null)
            {
                Form.MainMenuStrip = new WinForms.MenuStrip { Dock = WinForms.DockStyle.Top };
                Form.Controls.Add(Form.MainMenuStrip);
            }
            var menu = new WinForms.ToolStripMenuItem(marked);
            foreach (var command in commands.Where(c => c != null))
            {
                command.WhenOthers(() => Arrange(menu, commands));
            }
            Arrange(menu, commands);
            Form.MainMenuStrip.Items.Add(menu);
        }

        /// <summary>A line stands only between two commands.</summary>
        private static void Arrange(WinForms.ToolStripMenuItem menu, IInMenu[] commands)
        {
            menu.DropDownItems.Clear();
            bool separates = false;
            foreach (var command in commands)
            {
                separates |= command == null;
                if (command != null && command.Items.Count > 0)
                {
                    if (separates && menu.DropDownItems.Count > 0)
                    {
                        menu.DropDownItems.Add(new WinForms.ToolStripSeparator());
                    }
                    separates = false;
                    menu.DropDownItems.AddRange(command.Items.ToArray());
                }
            }
        }

        protected void Row(params Part[] line)
        {
            Stacked(Content, Line(line), line.Any(p => p.IsTall));
        }

        protected void Group(string title, params Part[][] lines)
        {
            Grouped(Content, title, lines);
        }

        private static void Grouped(WinForms.TableLayoutPanel into, string title, Part[][] lines)
        {
            var inside = new WinForms.TableLayoutPanel
            {
                ColumnCount = 1,
                Dock = WinForms.DockStyle.Fill,
                AutoSize = true,
                AutoSizeMode = WinForms.AutoSizeMode.GrowAndShrink
            };
            inside.ColumnStyles.Add(new WinForms.ColumnStyle(WinForms.SizeType.Percent, 100));
            foreach (var line in lines)
            {
                Stacked(inside, Line(line), line.Any(p => p.IsTall));
            }
            var group = new Titled(title, inside);
            Stacked(into, group, lines.Any(l => l.Any(p => p.IsTall)));
        }

        /// <summary>What stands on a page; laid out before the pages are (P8).</summary>
        protected static void OnPage(Choice pages, string item, params Part[] line)
        {
            Stacked(pages.Page(item), Line(line), line.Any(p => p.IsTall));
        }

        protected static void GroupOnPage(Choice pages, string item, string title, params Part[][] lines)
        {
            Grouped(pages.Page(item), title, lines);
        }

        /// <summary>The line at the foot of the window (P8).</summary>
        protected void StatusLine(params Part[] parts)
        {
            var foot = Line(parts);
            foot.Dock = WinForms.DockStyle.Bottom;
            Form.Controls.Add(foot);
        }

        /// <summary>Commands of the menus, once more in a row of tools (P8).</summary>
        protected void Tools(params MenuCommand[] commands)
        {
            var bar = new WinForms.ToolStrip { Dock = WinForms.DockStyle.Top };
            bar.Items.AddRange(commands.Select(c => c.MakeTool()).ToArray());
            Form.Controls.Add(bar);
            Form.MainMenuStrip.SendToBack(); // above the tools
        }

        /// <summary>A frame with a title, no larger than what is in it wants; by itself it would not shrink.</summary>
        private sealed class Titled : WinForms.GroupBox
        {
            private const int Rim = 4;

            private readonly WinForms.Control inside;

            public Titled(string title, WinForms.Control inside)
            {
                this.inside = inside;
                Text = title.Replace("&", "&&");
                Dock = WinForms.DockStyle.Fill;
                AutoSize = true;
                AutoSizeMode = WinForms.AutoSizeMode.GrowAndShrink;
                Controls.Add(inside);
            }

            public override Size GetPreferredSize(Size proposed)
            {
                var wanted = inside.GetPreferredSize(Size.Empty);
                return new Size(wanted.Width + 2 * Rim, wanted.Height + DisplayRectangle.Y + Rim);
            }
        }

        private static void Stacked(WinForms.TableLayoutPanel under, WinForms.Control line, bool tall)
        {
            under.RowStyles.Add(
                tall
                    ? new WinForms.RowStyle(WinForms.SizeType.Percent, 100)
                    : new WinForms.RowStyle(WinForms.SizeType.AutoSize));
            under.Controls.Add(line, 0, under.RowCount++);
        }

        /// <summary>Parts beside each other, each behind its label; those that are wide share what is left.</summary>
        private static WinForms.Control Line(Part[] parts)
        {
            var line = new WinForms.TableLayoutPanel
            {
                RowCount = 1,
                Dock = WinForms.DockStyle.Fill,
                AutoSize = true,
                AutoSizeMode = WinForms.AutoSizeMode.GrowAndShrink,
                Margin = WinForms.Padding.Empty
            };
            foreach (var part in parts)
            {
                if (part.Label != "")
                {
                    Beside(line, part.MakeLabel(), false);
                }
                Beside(line, part.Control, part.IsWide);
            }
            if (!parts.Any(p => p.IsWide))
            {
                Beside(line, new WinForms.Panel { Size = Size.Empty }, true);
            }
            return line;
        }

        private static void Beside(WinForms.TableLayoutPanel line, WinForms.Control control, bool wide)
        {
            line.ColumnStyles.Add(
                wide
                    ? new WinForms.ColumnStyle(WinForms.SizeType.Percent, 100)
                    : new WinForms.ColumnStyle(WinForms.SizeType.AutoSize));
            line.Controls.Add(control, line.ColumnCount++, 0);
        }

        // For those who drive and compare

        /// <summary>A part by its name.</summary>
        public Part PartOf(string name)
        {
            var part = parts.FirstOrDefault(p => p.Name == name);
            if (part == null)
            {
                throw new ArgumentException(Name + " has no part " + name);
            }
            return part;
        }

        public override IEnumerable<string> Seen
        {
            get
            {
                return parts.Select(p => p.Name + ": " + p.Line);
            }
        }
    }
}
