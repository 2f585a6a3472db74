"""Plays charts with Qt's interpreter of SCXML: lines of standard input are a chart to begin with, or an event.

After each the active states are printed, or what is wrong with the chart.
"""
import sys
import time

from PySide2.QtCore import QCoreApplication
from PySide2.QtScxml import QScxmlStateMachine

application = QCoreApplication(sys.argv)
machine = None


def settle():
    for _ in range(4):
        application.processEvents()


def active():
    return " ".join(machine.activeStateNames(True)) if machine.isRunning() else "ended"


for line in sys.stdin:
    kind, what = line.rstrip("\n").split(" ", 1)
    if kind == "chart":
        machine = QScxmlStateMachine.fromFile(what)
        wrong = [error.toString() for error in machine.parseErrors()]
        machine.start()
        settle()
        print("; ".join(wrong) or active(), flush=True)
    else:
        machine.submitEvent(what)
        settle()
        print(active(), flush=True)
