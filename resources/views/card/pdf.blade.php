<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ __('page/card.pdf.card', ['title' => $page->job->title]) }}</title>
    <style>{!! $style !!}</style>
</head>
<body>
    <table class="head"><tr><td><h1>{{ $page->job->title }}</h1>
    <p>{{ $page->job->rigAsWorked()->vehicleName() }} · {{ $page->job->rigAsWorked()->trailerName() }} · {{ $page->job->rigAsWorked()->hitchName() }}</p></td>@if ($code)<td class="code"><img class="qr" src="{{ $code }}" alt=""><br>{{ __('page/card.pdf.on_the_phone') }}</td>@endif</tr></table>
    <img class="drawing" src="{{ $drawing }}" alt="">
    @include('card.body')
</body>
</html>
