using System;
using System.Collections.Generic;
using System.Linq;
using Frame;
using Rules;
using WinForms = System.Windows.Forms;

namespace Tests
{
    /// <summary>What a hand does to the windows of Windows Forms, without pointer and keyboard.</summary>
    internal static class Hand
    {
        private static Part Part(DeskWindow window, string name)
        {
            return ((Face)window).PartOf(name);
        }

        public static void Press(DeskWindow window, string name)
        {
            var part = Part(window, name);
            if (!part.Usable)
            {
                throw new InvalidOperationException(name + " cannot be pressed");
            }
            if (part is Link link)
            {
                link.Press();
            }
            else
            {
                ((Pressed)part).Press();
            }
        }

        public static void PressRow(DeskWindow window, string name, int row)
        {
            ((IEach)Part(window, name)).Press(row);
        }

        public static void Cancel(DeskWindow window, string name)
        {
            ((WorkProgress)Part(window, name)).PressCancel();
        }

        public static void SelectText(DeskWindow window, string name, long from, long to)
        {
            ((TextPart)Part(window, name)).Select(from, to);
        }

        public static void Type(DeskWindow window, string name, string text)
        {
            ((TextPart)Part(window, name)).Type(text);
        }

        public static void Choose(DeskWindow window, string name, string item)
        {
            ((Choice)Part(window, name)).Choose(item);
        }

        private static ITable Table(DeskWindow window, string name)
        {
            return (ITable)Part(window, name);
        }

        public static void Select(DeskWindow window, string name, IReadOnlyList<int> rows)
        {
            Table(window, name).Select(rows);
        }

        public static void Activate(DeskWindow window, string name)
        {
            Table(window, name).DoubleClick();
        }

        public static void Delete(DeskWindow window, string name)
        {
            Table(window, name).DeleteKey();
        }

        private static FrameForm Form(DeskWindow window)
        {
            return ((FrameWindow)window).Form;
        }

        public static void CloseBox(DeskWindow window)
        {
            Form(window).Close();
        }

        public static void Escape(DeskWindow window)
        {
            Form(window).PressEscape();
        }

        public static void Enter(DeskWindow window)
        {
            Form(window).AcceptButton.PerformClick();
        }

        public static void Answer(DeskWindow window, string words)
        {
            ((IQuestion)window).AnswerWith(words);
        }

        public static void Pick(DeskWindow window, string value)
        {
            ((IPicker)window).Pick(value);
        }

        public static void ChooseFiles(DeskWindow window, IReadOnlyList<string> paths, string filter)
        {
            ((FileDialog)window).Choose(paths, filter);
        }

        public static void TakeOffScreen(DeskWindow window)
        {
            Form(window).TakeAway();
        }
    }
}
