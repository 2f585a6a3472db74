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
        private readonly Stack<string> before = new Stack<string>();
        private readonly Stack<string> after = new Stack<string>();

        protected TextPart(Face window, string name, WinForms.TextBox box) : base(window, name, box)
        {
            this.box = box;
            box.TextChanged += (sender, e) => LookAtText();
            box.GotFocus += (sender, e) => window.WritesIn(this);
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
                before.Push(text);
                after.Clear();
                text = typed;
                Happens();
            }
        }

        /// <summary>Does to it what every field can (P6); what comes of that is a change as any.</summary>
        internal void Edit(Editing what)
        {
            switch (what)
            {
                case Editing.Cut:
                    box.Copy();
                    SelectionText = ReadOnly ? SelectionText : "";
                    break;
                case Editing.Copy:
                    box.Copy();
                    break;
                case Editing.Paste:
                    box.Paste();
                    break;
                case Editing.SelectAll:
                    box.SelectAll();
                    break;
                default:
                    if (Usable)
                    {
                        Back(what == Editing.Undo ? before : after, what == Editing.Undo ? after : before);
                    }
                    break;
            }
        }

        /// <summary>The text that was there last, or again; TextBox itself can do nothing again.</summary>
        private void Back(Stack<string> from, Stack<string> to)
        {
            if (from.Count > 0)
            {
                to.Push(text);
                text = from.Pop();
                Put(text);
                box.SelectionStart = box.TextLength;
                Happens();
            }
        }

        // What is selected, in characters from 0 (P7); a control counts two for the end of a line

        public long SelectionFrom
        {
            get { return Place(box.SelectionStart); }
            set { Select(value, Math.Max(value, SelectionTo)); }
        }

        public long SelectionTo
        {
            get { return Place(box.SelectionStart + box.SelectionLength); }
            set { Select(Math.Min(SelectionFrom, value), value); }
        }

        /// <summary>What is set is written in place of what is selected; the cursor stands behind it.</summary>
        public string SelectionText
        {
            get { return Values.Substring(text, SelectionFrom, SelectionTo); }
            set
            {
                var from = SelectionFrom;
                var rest = Values.Substring(text, SelectionTo, Values.Size(text));
                var begin = Values.Substring(text, 0, from);
                long room = longest - Values.Size(begin) - Values.Size(rest);
                var put = Values.Cut(value, (int)Math.Max(0, Math.Min(room, int.MaxValue)));
                var other = begin + put + rest;
                if (other != text)
                {
                    before.Push(text);
                    after.Clear();
                    text = other;
                    Put(text);
                    Happens();
                }
                Select(from + Values.Size(put), from + Values.Size(put));
            }
        }

        /// <summary>As a person or a script does; fault X3 where the text has no such place.</summary>
        public void Select(long from, long to)
        {
            int begin = Offset(from);
            box.Select(begin, Offset(to) - begin);
        }

        private long Place(int offset)
        {
            return Values.Size(box.Text.Substring(0, Math.Min(offset, box.TextLength)).Replace("\r\n", "\n"));
        }

        private int Offset(long place)
        {
            if (place < 0 || place > Values.Size(text))
            {
                throw new Fault("X3", "the text has no place " + place);
            }
            var begin = Values.Substring(text, 0, place);
            return begin.Length + (box.Multiline ? begin.Count(c => c == '\n') : 0);
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
                var other = Values.Cut(value, longest);
                if (other == text)
                {
                    return;
                }
                text = other;
                Put(text);
                box.Select(0, 0); // the cursor stands before another text (P7), and nothing of before can be undone
                before.Clear();
                after.Clear();
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
            box.Select(box.TextLength, 0);
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
}
