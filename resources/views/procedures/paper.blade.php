<x-layout :title="__('page/procedures.paper.title', ['occasion' => \App\Words\ProcedureWords::title($page->occasion), 'job' => $page->job->title])" sheet="procedure">
    <main class="paper">
        <div class="tape-foot no-print">
            <button class="button is-first" data-print>{{ __('page/procedures.paper.print') }}</button>
            <a class="button" href="{{ route('procedures.show', [$page->job, $page->occasion->value]) }}">{{ __('page/procedures.paper.back_to_the_steps') }}</a>
        </div>
        <h1>{{ \App\Words\ProcedureWords::title($page->occasion) }}</h1>
        <p>{{ $page->job->rigAsWorked()->vehicleName() }}, {{ $page->job->rigAsWorked()->trailerName() }}, {{ $page->job->rigAsWorked()->hitchName() }}@if ($page->setting() !== ''): <strong>{{ $page->setting() }}</strong>@endif</p>
            @if ($page->tools() !== '')<p>{{ __('procedure.tools.label') }} {{ $page->tools() }}.</p>@endif
            <ol class="paper-steps">
                @foreach ($page->onPaper() as $paper)
                    @php([$step, $open] = [$paper->step, $paper->open])
                    @php([$caution, $calls] = [\App\Words\ProcedureWords::caution($step), \App\Words\ProcedureWords::calls($step)])
                    <li>@if ($open !== [])<span class="who">{{ \App\Words\ProcedureWords::where($open) }}.</span> @endif<strong>{{ \App\Words\ProcedureWords::does($step) }}</strong> @if ($step->asks)({{ implode(' / ', \App\Words\ProcedureWords::answers($step->asks)) }})@endif {{ \App\Words\ProcedureWords::why($step) }} @if ($caution !== '')<em>△ {{ $caution }}</em>@endif @if ($calls !== ''){{ __('page/procedures.paper.helper', ['calls' => $calls]) }}@endif @if (\App\Words\ProcedureWords::alone($step) !== ''){{ __('page/procedures.show.alone') }} {{ \App\Words\ProcedureWords::alone($step) }}@endif</li>
                @endforeach
            </ol>
        <p class="sentence">{{ __('page/procedures.paper.the_hitch_makers_and_vehicle') }}</p>
    </main>
</x-layout>
