using System.Linq;

namespace Rules
{
    /// <summary>A row of a list: rows are equal where all that they hold is.</summary>
    public abstract class Row
    {
        /// <summary>The columns' values, in order.</summary>
        public abstract object[] Cells { get; }

        public override bool Equals(object other)
        {
            return other != null && other.GetType() == GetType()
                && Cells.Zip(((Row)other).Cells, Values.Equal).All(same => same);
        }

        public override int GetHashCode()
        {
            return Cells.Aggregate(17, (hash, cell) => unchecked(hash * 31 + Values.Shown(cell).GetHashCode()));
        }
    }
}
