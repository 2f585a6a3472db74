using System;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>
    /// Tells when another day has begun. It looks once a minute, since the machine may sleep over midnight.
    /// </summary>
    public sealed class NewDays
    {
        private const int Minute = 60000;

        private readonly WinForms.Timer timer = new WinForms.Timer { Interval = Minute };
        private DateTime last = DateTime.Today;

        /// <param name="heard">hears the day that has begun</param>
        public NewDays(Action<DateTime> heard)
        {
            timer.Tick += (sender, e) =>
            {
                if (DateTime.Today != last)
                {
                    last = DateTime.Today;
                    heard(last);
                }
            };
        }

        public void Begin()
        {
            timer.Start();
        }
    }
}
