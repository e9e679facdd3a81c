<dialog class="keys" data-keys aria-labelledby="keys-title">
    <h2 id="keys-title" class="text-xl">Keyboard</h2>
    <dl>
        <dt><kbd>Enter</kbd></dt><dd>next field, then save and go to the next stance</dd>
        <dt><kbd>Page Down</kbd> <kbd>Page Up</kbd></dt><dd>next station, station before</dd>
        <dt><kbd>m</kbd></dt><dd>draw heights five times larger, or to scale</dd>
        <dt><kbd>k</kbd></dt><dd>pad of sixteenths, open or shut</dd>
        <dt><kbd>g</kbd></dt><dd>back to the yard</dd>
        <dt><kbd>l</kbd></dt><dd>the log of every job</dd>
        <dt><kbd>n</kbd></dt><dd>start a new job</dd>
        <dt><kbd>?</kbd></dt><dd>this sheet</dd>
    </dl>
    <p class="sentence">Letters work outside the fields; Esc leaves a field.</p>
    <form method="dialog" class="mt-4"><button class="button">Close</button></form>
</dialog>
