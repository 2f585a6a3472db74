namespace Frame
{
    /// <summary>What a menu command does to the field that has the keyboard, as every field does (P6).</summary>
    public enum Editing
    {
        Undo,
        Redo,
        Cut,
        Copy,
        Paste,
        SelectAll
    }

    /// <summary>A command that does to the field that had the keyboard last what every field can (P6).</summary>
    public sealed class EditCommand : MenuCommand
    {
        private readonly Face face;
        private readonly Editing what;

        public EditCommand(Face window, string name, Editing what) : base(window, name)
        {
            face = window;
            this.what = what;
        }

        /// <summary>It is no event: what comes of it the field tells.</summary>
        protected override void Pressed()
        {
            face.Edit(what);
        }
    }
}
