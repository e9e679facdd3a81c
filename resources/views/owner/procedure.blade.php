<x-owner-layout :title="\App\Words\ProcedureWords::title($page->occasion)" :link="$link">
    <main class="owner">
        <header><h1>{{ \App\Words\ProcedureWords::title($page->occasion) }}</h1><p>{{ $page->job->rigAsWorked()->trailerName() }}@if ($page->setting() !== ''): <strong>{{ $page->setting() }}</strong>@endif</p></header>
        @if ($page->tools() !== '')<p class="sentence">{{ __('procedure.tools.label') }} {{ $page->tools() }}.</p>@endif
        <form class="owner-steps" data-owner-steps="{{ $page->job->id }}.{{ $page->occasion->value }}">
            @foreach ($page->onPaper() as $paper)
                @php([$step, $open] = [$paper->step, $paper->open])
                @php([$caution, $calls] = [\App\Words\ProcedureWords::caution($step), \App\Words\ProcedureWords::calls($step)])
                <label class="card owner-step"><input type="checkbox" value="{{ $step->key }}"> <span>@if ($open !== [])<span class="who">{{ \App\Words\ProcedureWords::where($open) }}.</span> @endif<strong>{{ \App\Words\ProcedureWords::does($step) }}</strong> @if ($step->asks)({{ implode(' / ', \App\Words\ProcedureWords::answers($step->asks)) }})@endif <span class="why">{{ \App\Words\ProcedureWords::why($step) }}</span>@if ($caution !== '')<em class="step-caution">△ {{ $caution }}</em>@endif @if ($calls !== '')<span class="why">{{ __('page/procedures.paper.helper', ['calls' => $calls]) }}</span>@endif @if (\App\Words\ProcedureWords::alone($step) !== '')<span class="why">{{ __('page/procedures.show.alone') }} {{ \App\Words\ProcedureWords::alone($step) }}</span>@endif</span></label>
            @endforeach
            <div class="owner-links"><p role="status" data-steps-done data-says="{{ __('page/owner.procedure.done_of') }}"></p><button type="reset" class="button is-small">{{ __('page/owner.procedure.start_over') }}</button></div>
        </form>
        <div class="owner-links"><a class="button" href="{{ $link->address() }}">{{ __('page/owner.procedure.back') }}</a></div>
        <p class="disclaimer">{{ __('page/procedures.paper.the_hitch_makers_and_vehicle') }}</p>
    </main>
</x-owner-layout>
