<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ __('page/card.pdf.card', ['title' => $page->job->title]) }}</title>
    <style>
        {{ __('page/card.pdf.page_margin_12mm_body_font') }}
    </style>
</head>
<body>
    <h1>{{ $page->job->title }}</h1>
    <p>{{ $page->job->rigAsWorked()->vehicleName() }} · {{ $page->job->rigAsWorked()->trailerName() }} · {{ $page->job->rigAsWorked()->hitchName() }}</p>
    <img src="{{ $drawing }}" alt="">
    @include('card.body')
</body>
</html>
