using System;
using System.Collections.Generic;
using System.Linq;
using Rules;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>
    /// What a person types in. The text is kept here, as scripts know it: a control has line ends of its own.
    /// </summary>
    public abstract class TextPart : Part
    {
        private readonly WinForms.TextBox box;
        private int longest = int.MaxValue;
        private string text = "";
        private bool setting;

        protected TextPart(Face window, string name, WinForms.TextBox box) : base(window, name, box)
        {
            this.box = box;
            box.TextChanged += (sender, e) => LookAtText();
        }

        /// <summary>No more characters than it holds (P4).</summary>
        public void Longest(int most)
        {
            longest = most;
        }

        private void LookAtText()
        {
            if (setting)
            {
                return; // what a script changes starts nothing (P2)
            }
            var typed = box.Text.Replace("\r\n", "\n");
            if (Values.Size(typed) > longest)
            {
                int at = box.SelectionStart;
                typed = Values.Cut(typed, longest);
                Put(typed);
                box.SelectionStart = Math.Min(at, box.TextLength);
            }
            if (typed != text)
            {
                text = typed;
                Happens();
            }
        }

        private void Put(string other)
        {
            setting = true;
            box.Text = box.Multiline ? other.Replace("\n", "\r\n") : other;
            setting = false;
        }

        public string Text
        {
            get { return text; }
            set
            {
                text = Values.Cut(value, longest);
                Put(text);
            }
        }

        /// <summary>As a person does: all is selected, and typed over.</summary>
        public void Type(string other)
        {
            if (!Usable)
            {
                throw new InvalidOperationException("nothing can be typed here");
            }
            box.Text = box.Multiline ? other.Replace("\n", "\r\n") : other;
        }

        protected override void Apply()
        {
            box.Enabled = Enabled;
            box.ReadOnly = ReadOnly;
        }

        internal override bool IsWide
        {
            get { return true; }
        }

        public override string Shown
        {
            get { return text; }
        }
    }

    /// <summary>A text of one line.</summary>
    public sealed class TextField : TextPart
    {
        /// <param name="hidden">whether its characters cannot be read</param>
        public TextField(Face window, string name, bool hidden = false)
            : base(window, name, new WinForms.TextBox { Width = 220, UseSystemPasswordChar = hidden })
        {
        }
    }

    /// <summary>A text of several lines.</summary>
    public sealed class TextArea : TextPart
    {
        public TextArea(Face window, string name)
            : base(window, name, new WinForms.TextBox
            {
                Multiline = true,
                AcceptsReturn = true,
                ScrollBars = WinForms.ScrollBars.Vertical,
                Width = 320,
                Height = 96,
                Dock = WinForms.DockStyle.Fill
            })
        {
        }

        internal override bool IsTall
        {
            get { return true; }
        }
    }

    /// <summary>A field for a number or a date. It may hold a text that is none, since people type (P4).</summary>
    public sealed class TypedField<T> : TextPart
    {
        private readonly Func<string, bool> isOne;
        private readonly Func<string, T> read;

        internal TypedField(Face window, string name, Func<string, bool> isOne, Func<string, T> read)
            : base(window, name, new WinForms.TextBox { Width = 120 })
        {
            this.isOne = isOne;
            this.read = read;
        }

        /// <summary>What it holds; fault X3 where that is none.</summary>
        public T Value
        {
            get
            {
                if (!Given)
                {
                    throw new Fault("X3", "“" + Text + "” is no value");
                }
                return read(Text);
            }
            set { Text = Values.Shown(value); }
        }

        public bool Given
        {
            get { return isOne(Text); }
        }
    }

    /// <summary>Makes fields of each type.</summary>
    public static class TypedField
    {
        public static TypedField<long> OfWhole(Face window, string name)
        {
            return new TypedField<long>(window, name, Values.IsWhole, Values.Whole);
        }

        public static TypedField<double> OfNumber(Face window, string name)
        {
            return new TypedField<double>(window, name, Values.IsNumber, Values.ToNumber);
        }

        public static TypedField<DateTime> OfDate(Face window, string name)
        {
            return new TypedField<DateTime>(window, name, Values.IsDate, Values.Date);
        }
    }

    /// <summary>One of a few texts, or none (P4).</summary>
    public sealed class Choice : Part
    {
        private const int Most = 200;

        private readonly WinForms.ComboBox box;
        private Func<IEnumerable<string>> items;
        private string kept;
        private bool setting;

        public Choice(Face window, string name, string first, params string[] items)
            : this(window, name, first, items, new WinForms.ComboBox())
        {
        }

        private Choice(Face window, string name, string first, string[] items, WinForms.ComboBox box)
            : base(window, name, box)
        {
            this.box = box;
            this.items = () => items;
            kept = first;
            box.DropDownStyle = WinForms.ComboBoxStyle.DropDownList;
            box.Width = 180;
            Refresh();
            box.SelectedIndexChanged += (sender, e) =>
            {
                if (!setting && box.SelectedItem != null && !Equals(box.SelectedItem, Shown))
                {
                    kept = (string)box.SelectedItem;
                    Happens();
                }
            };
        }

        /// <summary>
        /// Its items are those of a list, as it stands (P5); what was chosen and is none of them any more counts as none.
        /// </summary>
        public void Follows(Func<IEnumerable<string>> list)
        {
            items = () => list().Take(Most);
        }

        /// <summary>Shows what can be chosen now, and what is.</summary>
        public void Refresh()
        {
            setting = true; // what a script changes starts nothing (P2)
            var all = items().ToList();
            if (!all.SequenceEqual(box.Items.Cast<string>()))
            {
                box.Items.Clear();
                box.Items.AddRange(all.Cast<object>().ToArray());
            }
            box.SelectedIndex = kept == "" ? -1 : all.IndexOf(kept);
            setting = false;
        }

        /// <summary>What is chosen, fault X3 where nothing is; empty chooses none.</summary>
        public string Chosen
        {
            get
            {
                if (!AnyChosen)
                {
                    throw new Fault("X3", "nothing is chosen");
                }
                return kept;
            }
            set
            {
                Must(value);
                kept = value;
                Refresh();
            }
        }

        public bool AnyChosen
        {
            get { return kept != "" && items().Contains(kept); }
        }

        private void Must(string item)
        {
            if (item != "" && !items().Contains(item))
            {
                throw new Fault("X3", "“" + item + "” is no item");
            }
        }

        /// <summary>As a person does.</summary>
        public void Choose(string item)
        {
            if (Usable)
            {
                Must(item);
                box.SelectedItem = item;
            }
        }

        internal override bool IsWide
        {
            get { return true; }
        }

        public override string Shown
        {
            get { return AnyChosen ? kept : ""; }
        }
    }
}
