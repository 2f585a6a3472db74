using System;
using System.Drawing;
using System.IO;

namespace Frame
{
    /// <summary>Pictures, which lie in a folder beside the program.</summary>
    internal static class Pictures
    {
        /// <summary>A picture by its file; null where there is none that can be read.</summary>
        public static Image Of(string file)
        {
            if (file == "")
            {
                return null;
            }
            try
            {
                return Image.FromFile(Path.Combine(AppDomain.CurrentDomain.BaseDirectory, "pictures", file));
            }
            catch (Exception e) when (e is IOException || e is ArgumentException || e is OutOfMemoryException)
            {
                return null;
            }
        }
    }
}
