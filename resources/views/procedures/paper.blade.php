<x-layout :title="$page->occasion->title().' on paper, '.$page->job->title">
    <main class="paper">
        <div class="tape-foot no-print">
            <button class="button is-first" data-print>Print</button>
            @if ($link ?? null)<a class="button" href="{{ $link->address() }}">To the card</a>@else<a class="button" href="{{ route('procedures.show', [$page->job, $page->occasion->value]) }}">Back to the steps</a>@endif
        </div>
        <h1>{{ $page->occasion->title() }}</h1>
        <p>{{ $page->job->rigAsWorked()->vehicleName() }}, {{ $page->job->rigAsWorked()->trailerName() }}, {{ $page->job->rigAsWorked()->hitchName() }}@if ($page->setting() !== ''): <strong>{{ $page->setting() }}</strong>@endif</p>
            <ol class="paper-steps">
                @foreach ($page->onPaper() as [$step, $where])
                    <li>@if ($where !== '')<span class="who">{{ $where }}.</span> @endif<strong>{{ $step->says }}</strong> @if ($step->asks)({{ implode(' / ', $step->asks->answers()) }})@endif {{ $step->why }} @if ($step->caution !== '')<em>△ {{ $step->caution }}</em>@endif @if ($step->calls !== '')Helper: “{{ $step->calls }}”.@endif</li>
                @endforeach
            </ol>
        <p class="sentence">The hitch maker's and vehicle maker's instructions and local law come first.</p>
    </main>
</x-layout>
