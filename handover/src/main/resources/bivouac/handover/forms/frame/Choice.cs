using System;
using System.Collections.Generic;
using System.Linq;
using Rules;

namespace Frame
{
    /// <summary>
    /// One of a few texts, or none (P4). It is drawn as a drop-down list, as radio buttons, or as pages, of which one
    /// is always chosen (P8).
    /// </summary>
    public sealed class Choice : Part
    {
        private const int Most = 200;

        private readonly IItems box;
        private Func<IEnumerable<string>> items;
        private string kept;
        private bool setting;

        public Choice(Face window, string name, string first, params string[] items)
            : this(window, name, first, items, new DropDown())
        {
        }

        private Choice(Face window, string name, string first, string[] items, IItems box)
            : base(window, name, box.Control)
        {
            this.box = box;
            this.items = () => items;
            kept = first;
            var pages = box as Pages;
            if (pages != null)
            {
                pages.Part = this;
            }
            Refresh();
            box.WhenChosen(now =>
            {
                if (!setting && now != Shown)
                {
                    kept = now;
                    Happens();
                }
            });
        }

        public static Choice RadioButtons(Face window, string name, string first, params string[] items)
        {
            return new Choice(window, name, first, items, new RadioButtons());
        }

        public static Choice Pages(Face window, string name, string first, params string[] items)
        {
            return new Choice(window, name, first, items, new Pages());
        }

        /// <summary>
        /// Its items are those of a list, as it stands (P5); what was chosen and is none of them any more counts as none.
        /// </summary>
        public void Follows(Func<IEnumerable<string>> list)
        {
            items = () => list().Take(Most);
        }

        /// <summary>Shows what can be chosen now, and what is.</summary>
        public void Refresh()
        {
            setting = true; // what a script changes starts nothing (P2)
            var all = items().ToList();
            box.Show(all, Among(all));
            setting = false;
        }

        private string Among(List<string> all)
        {
            return kept != "" && all.Contains(kept) ? kept : box is Pages && all.Count > 0 ? all[0] : "";
        }

        /// <summary>What is chosen, fault X3 where nothing is; empty chooses none.</summary>
        public string Chosen
        {
            get
            {
                if (!AnyChosen)
                {
                    throw new Fault("X3", "nothing is chosen");
                }
                return Shown;
            }
            set
            {
                Must(value);
                kept = value;
                Refresh();
            }
        }

        public bool AnyChosen
        {
            get { return Shown != ""; }
        }

        private void Must(string item)
        {
            if (item != "" && !items().Contains(item))
            {
                throw new Fault("X3", "“" + item + "” is no item");
            }
        }

        /// <summary>Where what stands on one of its pages is laid out.</summary>
        internal System.Windows.Forms.TableLayoutPanel Page(string item)
        {
            return ((Pages)box).Page(item);
        }

        /// <summary>As a person does.</summary>
        public void Choose(string item)
        {
            if (Usable)
            {
                Must(item);
                box.Press(item);
            }
        }

        protected override void Apply()
        {
            box.CanBeUsed(Usable);
        }

        internal override bool IsTall
        {
            get { return box is Pages && ((Pages)box).IsTall; }
        }

        internal override bool IsWide
        {
            get { return true; }
        }

        public override string Shown
        {
            get { return Among(items().ToList()); }
        }
    }
}
