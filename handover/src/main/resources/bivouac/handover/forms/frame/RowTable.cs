using System;
using System.Collections.Generic;
using System.Linq;
using Rules;
using WinForms = System.Windows.Forms;

namespace Frame
{
    /// <summary>What those who drive it need to know of a list, whatever its rows are.</summary>
    public interface ITable
    {
        void Select(IReadOnlyList<int> numbers);

        void DoubleClick();

        void DeleteKey();
    }

    /// <summary>A list with columns (P1, P2). Rows are values: changing one puts another in its place.</summary>
    public sealed class RowTable<T> : Part, ITable where T : Row
    {
        private readonly Table table;
        private readonly List<T> rows = new List<T>();
        private List<int> selected = new List<int>();
        private bool setting;
        private bool posted;
        private Action activated = () => { };
        private Action deletes = () => { };

        public RowTable(Face window, string name, string[] columns, bool several, params T[] first)
            : this(window, name, columns, new Table(several), first)
        {
        }

        private RowTable(Face window, string name, string[] columns, Table table, T[] first) : base(window, name, table)
        {
            this.table = table;
            foreach (var column in columns)
            {
                table.Columns.Add(column, Math.Max(90, 380 / columns.Length));
            }
            table.SelectedIndexChanged += (sender, e) => LookLater();
            table.DoubleClick += (sender, e) => Activated();
            table.Keys = key =>
            {
                if (key == WinForms.Keys.Enter)
                {
                    Activated();
                }
                else if (key == WinForms.Keys.Delete)
                {
                    DeleteKey();
                }
            };
            Rows = first;
        }

        /// <summary>One that tells of Enter, which else presses the default button.</summary>
        private sealed class Table : WinForms.ListView
        {
            public Action<WinForms.Keys> Keys = key => { };

            public Table(bool several)
            {
                View = WinForms.View.Details;
                FullRowSelect = true;
                HideSelection = false;
                MultiSelect = several;
                Width = 400;
                Height = 150;
                Dock = WinForms.DockStyle.Fill;
            }

            protected override bool IsInputKey(WinForms.Keys keys)
            {
                return keys == WinForms.Keys.Enter || base.IsInputKey(keys);
            }

            protected override void OnKeyDown(WinForms.KeyEventArgs e)
            {
                base.OnKeyDown(e);
                Keys(e.KeyData);
            }

            public void ClickedTwice()
            {
                OnDoubleClick(EventArgs.Empty);
            }
        }

        internal override bool IsTall
        {
            get { return true; }
        }

        internal override bool IsWide
        {
            get { return true; }
        }

        // Rows

        /// <summary>Other rows; what was selected by its place stays so, where there is such a place.</summary>
        public IReadOnlyList<T> Rows
        {
            get { return rows.ToList(); }
            set
            {
                var others = value.ToList();
                rows.Clear();
                rows.AddRange(others);
                Setting(() =>
                {
                    table.Items.Clear();
                    table.Items.AddRange(rows.Select(Item).ToArray());
                });
                Put(selected.Where(n => n <= rows.Count).ToList());
            }
        }

        private static WinForms.ListViewItem Item(T row)
        {
            return new WinForms.ListViewItem(row.Cells.Select(Values.Shown).ToArray());
        }

        private void Setting(Action change)
        {
            setting = true; // what a script changes starts nothing (P2)
            change();
            setting = false;
        }

        public void Add(T row)
        {
            rows.Add(row);
            Setting(() => table.Items.Add(Item(row)));
        }

        /// <summary>Puts another row in the place of the selected one.</summary>
        public void Change(Func<T, T> other)
        {
            var row = other(Selected);
            int at = selected[0] - 1;
            rows[at] = row;
            Setting(() => table.Items[at] = Item(row));
            Put(selected);
        }

        /// <summary>
        /// Removes the selected rows for which <paramref name="may"/> agrees, the first asked first (P2).
        /// </summary>
        public void RemoveSelected(Func<T, bool> may)
        {
            var left = AllSelected;
            if (left.Count == 0)
            {
                throw new Fault("X3", "no row is selected");
            }
            foreach (var row in left)
            {
                if (Asks(() => may(row)))
                {
                    Remove(row);
                }
            }
        }

        private void Remove(T row)
        {
            int at = rows.FindIndex(r => ReferenceEquals(r, row));
            if (at < 0)
            {
                return; // it has gone meanwhile
            }
            rows.RemoveAt(at);
            Setting(() => table.Items.RemoveAt(at));
            Put(selected.Where(n => n != at + 1).Select(n => n > at + 1 ? n - 1 : n).ToList());
        }

        // Selection

        public bool AnySelected
        {
            get { return selected.Count > 0; }
        }

        /// <summary>The number of the one selected row, from 1; 0 where none, or more than one, is.</summary>
        public long SelectedNumber
        {
            get { return selected.Count == 1 ? selected[0] : 0; }
            set
            {
                if (value < 0 || value > rows.Count)
                {
                    throw new Fault("X3", "there is no row " + value);
                }
                Put(value == 0 ? new List<int>() : new List<int> { (int)value });
            }
        }

        /// <summary>The one selected row; fault X3 where none, or more than one, is.</summary>
        public T Selected
        {
            get
            {
                if (selected.Count != 1)
                {
                    throw new Fault("X3", AnySelected ? "more than one row is selected" : "no row is selected");
                }
                return rows[selected[0] - 1];
            }
        }

        public IReadOnlyList<T> AllSelected
        {
            get { return selected.Select(n => rows[n - 1]).ToList(); }
        }

        private void Put(List<int> numbers)
        {
            selected = numbers;
            Setting(() =>
            {
                for (int i = 0; i < table.Items.Count; i++)
                {
                    table.Items[i].Selected = selected.Contains(i + 1);
                }
            });
        }

        /// <summary>The control tells of each row that a hand selects and lets go; they are one event.</summary>
        private void LookLater()
        {
            if (setting || posted || !table.IsHandleCreated)
            {
                return;
            }
            posted = true;
            table.BeginInvoke(new Action(Look));
        }

        private void Look()
        {
            posted = false;
            var now = Enumerable.Range(1, table.Items.Count).Where(n => table.Items[n - 1].Selected).ToList();
            if (!now.SequenceEqual(selected))
            {
                selected = now;
                Happens();
            }
        }

        // What a person does

        /// <summary>What is done when one row is activated: a double click, or Enter.</summary>
        public void OnActivated(Action script)
        {
            activated = script;
        }

        private void Activated()
        {
            if (selected.Count == 1 && Usable)
            {
                Happens(activated);
            }
        }

        /// <summary>The Delete key removes what is selected.</summary>
        public void OnDelete(Action script)
        {
            deletes = script;
        }

        public void DeleteKey()
        {
            if (AnySelected && Usable)
            {
                Happens(deletes);
            }
        }

        public void DoubleClick()
        {
            table.ClickedTwice();
        }

        public void Select(IReadOnlyList<int> numbers)
        {
            for (int i = 0; i < table.Items.Count; i++)
            {
                table.Items[i].Selected = numbers.Contains(i + 1);
            }
        }

        public override string Shown
        {
            get
            {
                return string.Join(" | ", rows.Select(Values.Shown))
                    + " selected [" + string.Join(", ", selected) + "]";
            }
        }
    }
}
