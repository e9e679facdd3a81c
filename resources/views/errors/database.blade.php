<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Database out of reach · Ivy Yoke</title>
    @vite(['resources/css/app.css'])
</head>
<body>
    <main class="card door">
        <h1 class="text-2xl">Nothing can be read or saved just now</h1>
        <p><strong>{{ $words }}</strong></p>
        <p>What was saved before is not touched. What you typed is in the page before this one: go back, and it is still there.</p>
        <p class="sentence">On the machine that serves Ivy Yoke: <code>bin/demo</code> sets up a missing database; a file that cannot be written needs its folder's rights or disk space put right.</p>
        <a class="button is-first" href="/">Try again</a>
    </main>
</body>
</html>
