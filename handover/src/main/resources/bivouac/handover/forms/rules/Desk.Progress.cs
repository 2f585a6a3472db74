using System.Collections.Generic;
using System.Linq;

namespace Rules
{
    // How far work is (W9), and that it is to end before it is done (W10)
    public sealed partial class Desk
    {
        /// <summary>Something was said by work, on whatever thread.</summary>
        internal void Later(Progress progress)
        {
            loop.Later(() => Told(progress));
        }

        /// <summary>What work said last is shown, between events.</summary>
        private void Told(Progress progress)
        {
            if (departed)
            {
                return;
            }
            if (running || !AtRest || IsWorking && WaitedFor != progress)
            {
                postponed.Enqueue(() => Told(progress));
                return;
            }
            progress.Arrived();
            if (Working().Contains(progress))
            {
                Run(progress.Of, () => Show(progress));
            }
        }

        private Progress WaitedFor
        {
            get { return FromTop<Wait>().First().Progress; }
        }

        /// <summary>Of the task that is waited for; else of those in the background.</summary>
        private List<Progress> Working()
        {
            return IsWorking ? new List<Progress> { WaitedFor } : working.Select(w => w.Progress).ToList();
        }

        private void Show(Progress progress)
        {
            Shown(progress).ForEach(progress.ShowIn);
        }

        /// <summary>The parts of the window whose work it is; where that has none, those of every window.</summary>
        private List<IWorkShown> Shown(Progress progress)
        {
            var own = progress.Of == null
                ? new List<IWorkShown>()
                : progress.Of.ShownWork.Where(s => s.Task == progress.Task).ToList();
            return own.Count > 0
                ? own
                : windows.SelectMany(w => w.ShownWork).Where(s => s.Task == progress.Task).ToList();
        }

        /// <summary>Whether the work that a part shows can be asked to end.</summary>
        public bool CanCancel(IWorkShown part)
        {
            return Cancellable(part).Count > 0;
        }

        private List<Progress> Cancellable(IWorkShown part)
        {
            return Working()
                .Where(p => design.MayBeCancelled.Contains(p.Task) && !p.IsCancelled && Shown(p).Contains(part))
                .ToList();
        }

        /// <summary>
        /// A person asks the work that a part shows to end: all that can be done while work is waited for (B3).
        /// </summary>
        public void Cancel(DeskWindow window, IWorkShown part)
        {
            bool hears = windows.Contains(window) && !window.IsHidden && (IsWorking || !Blocked(window));
            if (!running && !departed && AtRest && hears && CanCancel(part))
            {
                Run(window, () => Cancellable(part).ForEach(p => p.Cancel()));
            }
        }

        /// <summary>Whether a window shows work that is waited for, and can be asked to end.</summary>
        public bool IsCancelling(DeskWindow window)
        {
            return IsWorking && window.ShownWork.Any(CanCancel);
        }

        /// <summary>
        /// Leaving a window asks the work to end that it shows and that is waited for; answers whether it did.
        /// </summary>
        internal bool IsCancelledByLeaving(DeskWindow window)
        {
            var part = IsWorking ? window.ShownWork.FirstOrDefault(CanCancel) : null;
            if (part != null)
            {
                Cancel(window, part);
            }
            return part != null;
        }

        /// <summary>The background runs of a task are asked to end.</summary>
        public void CancelTask(string task)
        {
            working
                .Where(w => w.Progress.Task == task && design.MayBeCancelled.Contains(task))
                .ToList()
                .ForEach(w => w.Progress.Cancel());
        }
    }
}
