<x-layout :title="\App\Words\ProcedureWords::title($page->occasion).' on paper, '.$page->job->title">
    <main class="paper">
        <div class="tape-foot no-print">
            <button class="button is-first" data-print>Print</button>
            @if ($link ?? null)<a class="button" href="{{ $link->address() }}">To the card</a>@else<a class="button" href="{{ route('procedures.show', [$page->job, $page->occasion->value]) }}">Back to the steps</a>@endif
        </div>
        <h1>{{ \App\Words\ProcedureWords::title($page->occasion) }}</h1>
        <p>{{ $page->job->rigAsWorked()->vehicleName() }}, {{ $page->job->rigAsWorked()->trailerName() }}, {{ $page->job->rigAsWorked()->hitchName() }}@if ($page->setting() !== ''): <strong>{{ $page->setting() }}</strong>@endif</p>
            <ol class="paper-steps">
                @foreach ($page->onPaper() as [$step, $open])
                    @php([$caution, $calls] = [\App\Words\ProcedureWords::caution($step), \App\Words\ProcedureWords::calls($step)])
                    <li>@if ($open !== [])<span class="who">{{ \App\Words\ProcedureWords::where($open) }}.</span> @endif<strong>{{ \App\Words\ProcedureWords::does($step) }}</strong> @if ($step->asks)({{ implode(' / ', \App\Words\ProcedureWords::answers($step->asks)) }})@endif {{ \App\Words\ProcedureWords::why($step) }} @if ($caution !== '')<em>△ {{ $caution }}</em>@endif @if ($calls !== '')Helper: “{{ $calls }}”.@endif</li>
                @endforeach
            </ol>
        <p class="sentence">The hitch maker's and vehicle maker's instructions and local law come first.</p>
    </main>
</x-layout>
