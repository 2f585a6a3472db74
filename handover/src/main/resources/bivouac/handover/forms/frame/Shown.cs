using System.Diagnostics;
using System.Drawing;
using Rules;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>A text on the window.</summary>
    public sealed class Caption : Part
    {
        private readonly WinForms.Label label;

        public Caption(Face window, string name)
            : this(window, name, new WinForms.Label { AutoSize = true, UseMnemonic = false })
        {
        }

        private Caption(Face window, string name, WinForms.Label label) : base(window, name, label)
        {
            this.label = label;
            label.Margin = new WinForms.Padding(3, 6, 3, 3);
        }

        /// <summary>Larger or smaller than the others.</summary>
        public void Times(float factor)
        {
            label.Font = new Font(label.Font.FontFamily, label.Font.Size * factor);
        }

        public string Text
        {
            get { return label.Text; }
            set { label.Text = value; }
        }

        protected override void Apply()
        {
            label.Enabled = Enabled;
        }

        public override string Shown
        {
            get { return Text; }
        }
    }

    /// <summary>A text that leads somewhere when it is pressed.</summary>
    public sealed class Link : Part
    {
        private readonly WinForms.LinkLabel label;

        public Link(Face window, string name)
            : this(window, name, new WinForms.LinkLabel { AutoSize = true, UseMnemonic = false })
        {
        }

        private Link(Face window, string name, WinForms.LinkLabel label) : base(window, name, label)
        {
            this.label = label;
            label.LinkClicked += (sender, e) => Happens();
        }

        public string Text
        {
            get { return label.Text; }
            set { label.Text = value; }
        }

        /// <summary>As a person does: nothing happens where it is disabled.</summary>
        public void Press()
        {
            if (Usable)
            {
                Happens();
            }
        }

        public override string Shown
        {
            get { return Text; }
        }
    }

    /// <summary>A picture's file, beside the program; what cannot be read shows nothing.</summary>
    public sealed class Picture : Part
    {
        private readonly WinForms.PictureBox box;
        private string file = "";

        public Picture(Face window, string name)
            : this(window, name, new WinForms.PictureBox { SizeMode = WinForms.PictureBoxSizeMode.AutoSize })
        {
        }

        private Picture(Face window, string name, WinForms.PictureBox box) : base(window, name, box)
        {
            this.box = box;
        }

        public string File
        {
            get { return file; }
            set
            {
                if (value != file)
                {
                    file = value;
                    box.Image = Pictures.Of(file);
                }
            }
        }

        public override string Shown
        {
            get { return file; }
        }
    }

    /// <summary>Opens the address of a link with what the system has for it.</summary>
    public static class Browser
    {
        public static void Open(string address)
        {
            System.Uri uri;
            bool known = System.Uri.TryCreate(address, System.UriKind.Absolute, out uri)
                && (uri.Scheme == "http" || uri.Scheme == "https" || uri.Scheme == "mailto");
            try
            {
                if (!known)
                {
                    // what a system starts for other addresses can be any program
                    throw new System.InvalidOperationException("it begins with none of http, https, mailto");
                }
                Process.Start(new ProcessStartInfo(address) { UseShellExecute = true });
            }
            catch (System.Exception e) when (e is System.InvalidOperationException
                || e is System.ComponentModel.Win32Exception)
            {
                System.Console.Error.WriteLine("“" + address + "” was not opened: " + e.Message);
            }
        }
    }
}
