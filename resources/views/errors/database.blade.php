<x-trouble title="Nothing can be read or saved just now">
    <strong>{{ $words }}</strong> What was saved before is not touched. What you typed is in the page before this one: go back, and it is still there.
    On the machine that serves Ivy Yoke, bin/demo sets up a missing database; a file that cannot be written needs its folder's rights or disk space put right.
</x-trouble>
