<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Card, {{ $page->job->title }}</title>
    <style>
        @page { margin: 12mm; }
        body { font-family: 'DejaVu Sans', sans-serif; font-size: 9.5pt; line-height: 1.25; color: #1c2321; }
        h1 { font-size: 16pt; margin: 0 0 1mm; }
        p { margin: 1.5mm 0; }
        img { width: 100%; }
        table { width: 100%; border-collapse: collapse; margin: 2mm 0; }
        th { text-align: left; }
        th, td { padding: 1mm 2mm 1mm 0; border-bottom: .3pt solid #b9b39f; vertical-align: top; }
        .card-figures th { width: 34%; }
        .card-heights td { font-size: 12pt; font-weight: bold; }
        .card-foot { font-size: 8pt; color: #4d5652; }
    </style>
</head>
<body>
    <h1>{{ $page->job->title }}</h1>
    <p>{{ $page->job->rigAsWorked()->vehicleName() }} · {{ $page->job->rigAsWorked()->trailerName() }} · {{ $page->job->rigAsWorked()->hitchName() }}</p>
    <img src="{{ $drawing }}" alt="">
    @include('card.body')
</body>
</html>
