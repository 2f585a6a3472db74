using System;
using System.Drawing;
using System.Linq;
using System.Text.RegularExpressions;
using Rules;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>A picker that can be driven without knowing what it picks.</summary>
    public interface IPicker
    {
        void Pick(string written);
    }

    /// <summary>
    /// A picker of a font, a colour or a date (C8). It can be driven, so it is drawn by the program itself.
    /// </summary>
    public sealed class Picker<T> : Asked, IPicker
    {
        /// <summary>How it ended.</summary>
        public abstract class Result : Ending
        {
        }

        public sealed class Picked : Result
        {
            public Picked(T value)
            {
                Value = value;
            }

            public T Value { get; }

            public override object[] Gives
            {
                get { return new object[] { Value }; }
            }
        }

        public sealed class Cancelled : Result
        {
        }

        private readonly Func<string, T> read;

        /// <param name="field">where the value is written</param>
        internal Picker(
            Desk desk, string name, string title, WinForms.Control field, Func<string, bool> isOne,
            Func<string, T> read) : base(desk, name, true)
        {
            this.read = read;
            Title = title;
            FixedSize();
            var ok = Button.Made();
            ok.Text = "OK";
            ok.Click += (sender, e) =>
            {
                if (isOne(field.Text))
                {
                    Pick(field.Text);
                }
            };
            var cancel = Button.Made();
            cancel.Text = "Cancel";
            cancel.Click += (sender, e) => CloseBoxUsed();
            Form.AcceptButton = ok;
            field.Width = 240;
            Content.Controls.Add(field);
            Bar(ok, cancel);
        }

        /// <summary>Asks, and waits for the answer.</summary>
        public Result Ask(DeskWindow asker, DeskWindow owner, Manner manner)
        {
            return (Result)Desk.Ask(asker, owner, manner, this);
        }

        /// <summary>What a person picks, as it is written.</summary>
        public void Pick(string written)
        {
            Desk.Answer(this, () => new Picked(read(written)));
        }

        public override void CloseBoxUsed()
        {
            Desk.Answer(this, () => new Cancelled());
        }

        protected internal override Ending EndingFor(Way way)
        {
            return new Cancelled();
        }
    }

    /// <summary>Makes pickers of each kind.</summary>
    public static class Picker
    {
        public static Picker<DateTime> OfDate(Desk desk, string name, string title, DateTime starts)
        {
            var field = new WinForms.TextBox { Text = Values.Shown(starts) };
            return new Picker<DateTime>(desk, name, title, field, Values.IsDate, Values.Date);
        }

        /// <summary>Colours are written <c>#2f5d50</c>.</summary>
        public static Picker<string> OfColour(Desk desk, string name, string title, string starts)
        {
            var field = new WinForms.TextBox { Text = starts };
            return new Picker<string>(desk, name, title, field, t => Regex.IsMatch(t, "^#[0-9a-f]{6}$"), t => t);
        }

        /// <summary>Fonts are written as a family and a size: <c>Inter 12</c>.</summary>
        public static Picker<string> OfFont(Desk desk, string name, string title, string starts)
        {
            var field = new WinForms.ComboBox();
            field.Items.AddRange(FontFamily.Families.Select(f => f.Name + " 12").Cast<object>().ToArray());
            field.Text = starts;
            return new Picker<string>(
                desk, name, title, field, t => Regex.IsMatch(t, "^\\S.{0,80} [1-9][0-9]{0,2}$"), t => t);
        }
    }
}
