using System;
using System.Collections.Generic;
using System.Drawing;
using System.Linq;
using Rules;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>
    /// A window that only asks: a message box, a file dialog, a picker. It is asked nothing before it closes (C7,
    /// C8).
    /// </summary>
    public abstract class Asked : FrameWindow
    {
        private readonly bool system;

        /// <param name="system">whether it stands for one of the system's own, which nobody can take away (C3)</param>
        protected Asked(Desk desk, string name, bool system) : base(desk, name, null)
        {
            this.system = system;
        }

        public override void EscapePressed()
        {
            CloseBoxUsed();
        }

        protected internal override bool IsReadyMade
        {
            get { return true; }
        }

        protected internal override bool CannotBeTakenAway
        {
            get { return system; }
        }

        public override IEnumerable<string> Seen
        {
            get { return Enumerable.Empty<string>(); }
        }

        /// <summary>Buttons in a line at the right.</summary>
        internal void Bar(params WinForms.Control[] buttons)
        {
            var bar = new WinForms.FlowLayoutPanel
            {
                FlowDirection = WinForms.FlowDirection.LeftToRight,
                WrapContents = false,
                AutoSize = true,
                AutoSizeMode = WinForms.AutoSizeMode.GrowAndShrink,
                Anchor = WinForms.AnchorStyles.Right
            };
            bar.Controls.AddRange(buttons);
            Content.Controls.Add(bar);
        }
    }

    /// <summary>A message box that can be driven without knowing its answers.</summary>
    public interface IQuestion
    {
        /// <summary>As pressing the button of an answer, by its words.</summary>
        void AnswerWith(string words);
    }

    /// <summary>
    /// A message box (C7). It is drawn by the program itself, so that any buttons stand in any order, and it can be
    /// taken away.
    /// </summary>
    public sealed class MessageBox<T> : Asked, IQuestion where T : struct
    {
        private sealed class Answered : Ending
        {
            public readonly T Answer;

            public Answered(T answer, string words)
            {
                Answer = answer;
                Words = words;
            }

            public override string Words { get; }
        }

        private const int Widest = 400;

        private readonly string text;
        private readonly List<Answered> answers = new List<Answered>();
        private readonly List<WinForms.Button> buttons = new List<WinForms.Button>();
        private Answered escape;

        public MessageBox(Desk desk, string name, string icon, string title, string text) : base(desk, name, false)
        {
            this.text = text;
            Title = title;
            FixedSize();
            var line = new WinForms.FlowLayoutPanel
            {
                WrapContents = false,
                AutoSize = true,
                AutoSizeMode = WinForms.AutoSizeMode.GrowAndShrink
            };
            if (icon != "")
            {
                line.Controls.Add(new WinForms.Label
                {
                    Text = icon,
                    AutoSize = true,
                    UseMnemonic = false,
                    Font = new Font(Form.Font.FontFamily, 20)
                });
            }
            line.Controls.Add(new WinForms.Label
            {
                Text = text,
                AutoSize = true,
                UseMnemonic = false,
                MaximumSize = new Size(Widest, 0),
                Margin = new WinForms.Padding(3, 8, 3, 8)
            });
            Content.Controls.Add(line);
        }

        /// <param name="words">the answer as the design says it</param>
        /// <param name="marked">what stands on its button, with its access key</param>
        public MessageBox<T> Button(T answer, string words, string marked)
        {
            var answered = new Answered(answer, words);
            var button = Frame.Button.Made();
            button.Text = marked;
            button.Click += (sender, e) => Answer(answered);
            answers.Add(answered);
            buttons.Add(button);
            return this;
        }

        /// <summary>The answer of Enter.</summary>
        public MessageBox<T> Usual(T answer)
        {
            Form.AcceptButton = buttons[answers.IndexOf(Of(answer))];
            return this;
        }

        /// <summary>The answer of close box and Escape.</summary>
        public MessageBox<T> Escape(T answer)
        {
            escape = Of(answer);
            return this;
        }

        private Answered Of(T answer)
        {
            return answers.First(a => a.Answer.Equals(answer));
        }

        /// <summary>Asks, and waits for the answer.</summary>
        public T Ask(DeskWindow asker, DeskWindow owner, Manner manner)
        {
            Bar(buttons.Cast<WinForms.Control>().ToArray());
            return ((Answered)Desk.Ask(asker, owner, manner, this)).Answer;
        }

        private void Answer(Answered answered)
        {
            Desk.Answer(this, () => answered);
        }

        public void AnswerWith(string words)
        {
            Answer(answers.First(a => a.Words == words));
        }

        public override void CloseBoxUsed()
        {
            if (escape != null)
            {
                Answer(escape);
            }
        }

        protected internal override Ending EndingFor(Way way)
        {
            return escape;
        }

        protected internal override string Asks
        {
            get { return text; }
        }
    }
}
