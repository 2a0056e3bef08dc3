"""From a song to an edit list by what screen readers have: names, roles and actions, neither mouse nor keys.
usage: song_to_edit_list.py PROGRAM SONG"""
import os
import re
import subprocess
import sys
import tempfile
import time

import pyatspi

program, song = sys.argv[1:3]
folder = tempfile.mkdtemp()
running = subprocess.Popen([program, "--silent", song], cwd=folder)


def until(what, find, seconds=60):
    end = time.time() + seconds
    while time.time() < end:
        try:
            found = find()
        except Exception:  # what was asked went away while it was asked
            found = None
        if found:
            return found
        time.sleep(0.2)
    shown = sorted({f"{n.getRoleName()} {n.name!r}" for n in all_of(app) if n.name and n.getState().contains(pyatspi.STATE_SHOWING)})
    running.kill()
    sys.exit("not found: " + what + "\nshown:\n  " + "\n  ".join(shown))


def application():
    return next((a for a in pyatspi.Registry.getDesktop(0) if a and a.name == "pulsepin"), None)


def all_of(node, depth=0):
    yield node
    if depth > 40 or node.getRoleName() == "list" and node.parent.getRoleName() == "canvas" and node.name.startswith("Beats"):
        return
    for child in node:
        if child is not None:
            yield from all_of(child, depth + 1)


def one(role, name, within=None):
    """The first that is shown, of that role, whose name fits."""
    for node in all_of(within or app):
        if node.getRoleName() == role and re.search(name, node.name or "") and node.getState().contains(pyatspi.STATE_SHOWING):
            return node
    return None


def in_drawing(name):
    """A list of the drawing: its lanes may be out of sight."""
    for node in all_of(app):
        if node.getRoleName() == "canvas":
            for child in node:
                if child is not None and re.search(name, child.name or ""):
                    return child
    return None


def press(node, action=None):
    acts = node.queryAction()
    names = [acts.getName(i) for i in range(acts.nActions)]
    wanted = action or ("Toggle" if "Toggle" in names else "Press")
    acts.doAction(names.index(wanted))
    time.sleep(0.3)


def go_to(stop):
    press(until("stop " + stop, lambda: one("list item", "^" + stop + ":")))


def chosen(node):
    return node.getState().contains(pyatspi.STATE_SELECTED)


app = None
app = until("the program on the bus", application)
until("the song", lambda: one("label", r"kHz"))

go_to("Grid")
press(until("Find the beats", lambda: one("push button", "^Find the beats$")))
beats = until("beats", lambda: in_drawing(r"^Beats, \d\d"))
count = int(re.search(r"\d+", beats.name).group())
assert beats.childCount == count, (beats.childCount, count)
third = beats.getChildAtIndex(2)
assert re.match(r"beat, bar \d+ beat \d, 0:0", third.name), third.name
press(third)
until("the chosen beat", lambda: chosen(third))

go_to("Place")
press(until("Place cuts", lambda: one("push button", r"^Place \d+ cuts?$")))
lane = until("cuts", lambda: in_drawing(r"^Cuts, lane of cut.*, \d\d+ cuts$"))
cuts = int(re.search(r"(\d+) cuts$", lane.name).group(1))
assert lane.childCount == cuts, (lane.childCount, cuts)
fourth = lane.getChildAtIndex(3)
assert re.match(r"cut(: .*)?, bar \d+ beat \d.*, (to the frame|[\d.]+ milliseconds (late|early))", fourth.name), fourth.name
place = fourth.queryComponent().getExtents(pyatspi.DESKTOP_COORDS)
assert place.width > 0 and place.x >= 0, place
press(fourth)
until("the chosen cut", lambda: chosen(fourth))
before = fourth.name
press(fourth, "Increase")
until("a cut that moved", lambda: lane.getChildAtIndex(3).name != before or lane.getChildAtIndex(4).name != before)

go_to("Export")
press(until("Data files", lambda: one("check box", "^Data files$") or one("radio button", "^Data files$")))
press(until("Edit decision list", lambda: one("push button", "^Edit decision list")))
written = os.path.join(folder, "from the bus.edl")


def answered():
    """Options, and then where to: each dialog has its own button."""
    name = one("text", "File name")
    if name:
        name.queryEditableText().setTextContents(written)
        press(one("push button", "^&?Save$"))
        return True
    options = one("push button", "^(Go on|Write|Export|Next|Write it)")
    if options:
        press(options)
    return False


until("the file dialog", answered)
until("the edit list", lambda: os.path.exists(written) and os.path.getsize(written) > 100)
time.sleep(0.5)
events = len(re.findall(r"^\d{3,6}  ", open(written, encoding="utf-8").read(), re.M))
running.terminate()
assert events >= cuts, (events, cuts)
print(f"{count} beats, {cuts} cuts, {events} events, by names and actions alone")
