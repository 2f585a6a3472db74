using System;
using System.Collections.Generic;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>What can stand in a menu: a command, or those of which there is one for each row.</summary>
    public interface IInMenu
    {
        /// <summary>As they stand there now.</summary>
        IReadOnlyList<WinForms.ToolStripItem> Items { get; }

        /// <summary>What is done when there are more or fewer.</summary>
        void WhenOthers(Action arrange);
    }
}
