using System;
using System.Threading;
using Rules;

namespace Frame
{
    /// <summary>Carries tasks out on threads of their own; one that throws is told, and does not end.</summary>
    public sealed class Background : IWorker
    {
        private readonly ILoop loop;

        public Background(ILoop loop)
        {
            this.loop = loop;
        }

        public void Begin(string name, DeskWindow of, Func<Ending> body, Action<Ending> done)
        {
            ThreadPool.QueueUserWorkItem(ignored =>
            {
                try
                {
                    var ending = body();
                    loop.Later(() => done(ending));
                }
                catch (Exception failure)
                {
                    Console.Error.WriteLine("“" + name + "” should say how it ended, and threw: " + failure);
                }
            });
        }
    }
}
