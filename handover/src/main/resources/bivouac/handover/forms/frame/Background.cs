using System;
using System.Threading;
using Rules;

namespace Frame
{
    /// <summary>Carries tasks out on threads of their own; one that throws has broken (W8).</summary>
    public sealed class Background : IWorker
    {
        private readonly ILoop loop;

        public Background(ILoop loop)
        {
            this.loop = loop;
        }

        public void Begin(string name, Progress progress, Func<Ending> body, Action<Ending> done)
        {
            ThreadPool.QueueUserWorkItem(ignored =>
            {
                var ending = Broke.OrEnding(name, body);
                loop.Later(() => done(ending));
            });
        }
    }
}
