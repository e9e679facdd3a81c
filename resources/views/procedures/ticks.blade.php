<x-layout :title="\App\Words\ProcedureWords::title($page->occasion).', '.$page->job->title">
    <main class="owner">
        <header><h1>{{ \App\Words\ProcedureWords::title($page->occasion) }} <span class="font-normal text-muted">· {{ $page->job->title }}</span></h1>@if ($page->setting() !== '')<p><strong>{{ ucfirst($page->setting()) }}</strong></p>@endif</header>
        <p class="sentence">{{ __('page/procedures.ticks.tick_as_you_go') }}</p>
        @if ($page->tools() !== '')<p class="sentence">{{ __('procedure.tools.label') }} {{ $page->tools() }}.</p>@endif
        @if ($errors->has('step'))<p class="do-next is-over" role="alert">{{ $errors->first('step') }}</p>@endif
        <form method="post" action="{{ route('procedures.ticked', [$page->job, $page->occasion->value]) }}" class="owner-steps" data-owner-steps="{{ $page->job->id }}.{{ $page->occasion->value }}" aria-label="{{ \App\Words\ProcedureWords::title($page->occasion) }}">
            @csrf
            @foreach ($page->onPaper() as $paper)
                @php([$step, $open] = [$paper->step, $paper->open])
                @php($caution = \App\Words\ProcedureWords::caution($step))
                @if ($step->asks)
                    <fieldset class="card owner-step is-question"><legend><strong>{{ \App\Words\ProcedureWords::does($step) }}</strong></legend>
                        @foreach (\App\Words\ProcedureWords::answers($step->asks) as $answer => $says)<label class="tick"><input type="radio" name="answers[{{ $step->key }}]" value="{{ $answer }}"> {{ $says }}</label>@endforeach
                    </fieldset>
                @else
                    <label class="card owner-step"><input type="checkbox" name="steps[]" value="{{ $step->key }}" @checked($page->progress?->outcome($step) !== null)> <span>@if ($open !== [])<span class="who">{{ \App\Words\ProcedureWords::where($open) }}.</span> @endif<strong>{{ \App\Words\ProcedureWords::does($step) }}</strong> <span class="why">{{ \App\Words\ProcedureWords::why($step) }}</span>@if ($caution !== '')<em class="step-caution">△ {{ $caution }}</em>@endif @if (\App\Words\ProcedureWords::alone($step) !== '')<span class="why">{{ __('page/procedures.show.alone') }} {{ \App\Words\ProcedureWords::alone($step) }}</span>@endif</span></label>
                @endif
            @endforeach
            <div class="owner-links"><p role="status" data-steps-done data-says="{{ __('page/owner.procedure.done_of') }}"></p><button type="reset" class="button is-small">{{ __('page/owner.procedure.start_over') }}</button><button class="button is-first">{{ __('page/procedures.ticks.save') }}</button></div>
        </form>
        <div class="owner-links"><a class="button" href="{{ route('procedures.show', [$page->job, $page->occasion->value]) }}">{{ __('page/procedures.paper.back_to_the_steps') }}</a><a class="button" href="{{ route('bench', [$page->job, 'hook-up-checks']) }}">{{ __('page/procedures.show.back_to_the_bench') }}</a></div>
        <p class="disclaimer">{{ __('page/procedures.paper.the_hitch_makers_and_vehicle') }}</p>
    </main>
</x-layout>
