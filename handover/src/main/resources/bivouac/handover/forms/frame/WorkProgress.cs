using Rules;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>
    /// How far the work of a task is: a bar, a line of text, and where it may be cancelled a button for that (W9, W10).
    /// </summary>
    public sealed class WorkProgress : Part, IWorkShown
    {
        /// <summary>It hears a person while all else is blocked (B3).</summary>
        internal sealed class CancelButton : WinForms.Button
        {
        }

        private readonly WinForms.ProgressBar bar = new WinForms.ProgressBar
        {
            Maximum = Progress.Whole,
            Dock = WinForms.DockStyle.Fill,
            Height = 20
        };

        private readonly WinForms.Label line = new WinForms.Label { AutoSize = true, UseMnemonic = false };
        private readonly CancelButton button = new CancelButton { AutoSize = true, Enabled = false };
        private readonly Face window;
        private bool cancellable;

        /// <param name="cancel">what stands on the button; empty where the work cannot be cancelled</param>
        public WorkProgress(Face window, string name, string task, string cancel)
            : this(window, name, task, cancel, new WinForms.TableLayoutPanel())
        {
        }

        private WorkProgress(Face window, string name, string task, string cancel, WinForms.TableLayoutPanel panel)
            : base(window, name, panel)
        {
            this.window = window;
            Task = task;
            button.Text = cancel;
            button.Visible = cancel != "";
            button.Click += (sender, e) => window.Desk.Cancel(window, this);
            panel.ColumnCount = 2;
            panel.RowCount = 2;
            panel.AutoSize = true;
            panel.AutoSizeMode = WinForms.AutoSizeMode.GrowAndShrink;
            panel.ColumnStyles.Add(new WinForms.ColumnStyle(WinForms.SizeType.Percent, 100));
            panel.ColumnStyles.Add(new WinForms.ColumnStyle(WinForms.SizeType.AutoSize));
            panel.Controls.Add(bar, 0, 0);
            panel.Controls.Add(button, 1, 0);
            panel.Controls.Add(line, 0, 1);
            window.Shows(this);
        }

        internal override bool IsWide
        {
            get { return true; }
        }

        public string Task { get; }

        /// <summary>How much is done, from 0 to 100.</summary>
        public long Done { get; private set; }

        public string Text { get; private set; } = "";

        public void Told(int done, string what)
        {
            Done = done;
            Text = what;
            bar.Value = done;
            line.Text = what;
        }

        public void Cancellable(bool yes)
        {
            cancellable = yes;
            Apply();
        }

        protected override void Apply()
        {
            button.Enabled = cancellable && Usable;
        }

        /// <summary>As a person does: nothing happens where it cannot be used.</summary>
        public void PressCancel()
        {
            button.PerformClick();
        }

        public override string Shown
        {
            get
            {
                return Done + " %" + (Text == "" ? "" : " " + Text)
                    + (window.Desk.CanCancel(this) ? " [cancel]" : "");
            }
        }
    }
}
