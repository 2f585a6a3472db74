using System.Drawing;
using Rules;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>A window of Windows Forms: always modeless, since its events pass the desk's gate (B7).</summary>
    public abstract class FrameWindow : DeskWindow
    {
        private Size size;

        protected FrameWindow(Desk desk, string name, object key) : base(desk, name, key)
        {
            Content = new WinForms.TableLayoutPanel
            {
                ColumnCount = 1,
                Dock = WinForms.DockStyle.Fill,
                AutoSize = true,
                AutoSizeMode = WinForms.AutoSizeMode.GrowAndShrink,
                Padding = new WinForms.Padding(12)
            };
            Content.ColumnStyles.Add(new WinForms.ColumnStyle(WinForms.SizeType.Percent, 100));
            Form = new FrameForm(this) { StartPosition = WinForms.FormStartPosition.Manual };
            Form.Controls.Add(Content);
        }

        internal FrameForm Form { get; }

        internal WinForms.TableLayoutPanel Content { get; }

        // What a design says of it

        protected void StartsWithSize(int width, int height)
        {
            size = new Size(width, height);
        }

        protected void Least(int width, int height)
        {
            Form.MinimumSize = new Size(width, height);
        }

        protected void FixedSize()
        {
            Form.FormBorderStyle = WinForms.FormBorderStyle.FixedDialog;
            Form.MaximizeBox = false;
        }

        protected void AlwaysOnTop()
        {
            Form.TopMost = true;
        }

        /// <summary>The picture that stands for it; one that cannot be read is none.</summary>
        protected void Icon(string file)
        {
            var picture = Pictures.Of(file) as Bitmap;
            if (picture != null)
            {
                Form.Icon = System.Drawing.Icon.FromHandle(picture.GetHicon());
            }
        }

        public override string Title
        {
            get { return Form.Text; }
            set { Form.Text = value; }
        }

        // What the desk asks

        protected internal override void Show()
        {
            var above = Owner as FrameWindow;
            if (Hears(Outside.FilesDropped))
            {
                TakesFiles();
            }
            if (size.IsEmpty)
            {
                Form.ClientSize = Fitting();
            }
            else
            {
                Form.Size = size;
            }
            Form.Location = Centred(above);
            if (above == null)
            {
                Form.Show();
            }
            else
            {
                Form.Show(above.Form);
            }
        }

        /// <summary>What its content wants, and the menu bar above it.</summary>
        private Size Fitting()
        {
            var wanted = Content.PreferredSize;
            int bar = Form.MainMenuStrip == null ? 0 : Form.MainMenuStrip.PreferredSize.Height;
            int barWidth = Form.MainMenuStrip == null ? 0 : Form.MainMenuStrip.PreferredSize.Width;
            return new Size(System.Math.Max(wanted.Width, barWidth), wanted.Height + bar);
        }

        /// <summary>Over its owner, or in the middle of the screen.</summary>
        private Point Centred(FrameWindow above)
        {
            var screen = WinForms.Screen.PrimaryScreen.WorkingArea;
            var over = above == null || !above.Form.Visible ? screen : above.Form.Bounds;
            int x = over.X + (over.Width - Form.Width) / 2;
            int y = over.Y + (over.Height - Form.Height) / 2;
            return new Point(System.Math.Max(screen.X, x), System.Math.Max(screen.Y, y));
        }

        protected internal override void ToFront()
        {
            if (!IsHidden)
            {
                Form.Show();
                Form.Activate();
            }
        }

        protected internal override void LeaveScreen()
        {
            Form.TakeAway();
        }

        /// <summary>Files can be dropped anywhere on it (F2).</summary>
        private void TakesFiles()
        {
            Form.AllowDrop = true;
            Form.DragEnter += (sender, e) =>
            {
                bool any = e.Data.GetDataPresent(WinForms.DataFormats.FileDrop) && !Desk.Blocked(this);
                e.Effect = any ? WinForms.DragDropEffects.Copy : WinForms.DragDropEffects.None;
            };
            Form.DragDrop += (sender, e) =>
                Desk.FilesDropped(this, (string[])e.Data.GetData(WinForms.DataFormats.FileDrop));
        }

        protected internal override void ShowHidden(bool hidden)
        {
            if (Form.Visible == hidden)
            {
                Form.Visible = !hidden;
            }
        }
    }
}
