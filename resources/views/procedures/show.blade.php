<x-layout :title="\App\Words\ProcedureWords::title($page->occasion).', '.$page->job->title" sheet="procedure">
    <main class="procedure">
        <nav class="shelves" aria-label="{{ __('page/procedures.show.procedures') }}">
            @foreach (\Yoke\Workshop\Procedure\Occasion::cases() as $one)
                <a href="{{ route('procedures.show', [$page->job, $one->value]) }}" @if ($one === $page->occasion) aria-current="page" @endif>{{ \App\Words\ProcedureWords::title($one) }}</a>
            @endforeach
        </nav>
        <h1>{{ \App\Words\ProcedureWords::title($page->occasion) }} <span class="font-normal text-muted">· {{ $page->job->title }}</span></h1>
        @if ($page->tools() !== '')<p class="sentence" data-tools>{{ __('procedure.tools.label') }} {{ $page->tools() }}.</p>@endif
        @if ($page->progress === null)
            <p class="do-next">{{ __('page/procedures.show.the_family_of_the_hitch') }}</p>
        @else
            @php($current = $page->progress->current())
            @php([$why, $caution, $calls] = $current === null ? ['', '', ''] : [\App\Words\ProcedureWords::why($current), \App\Words\ProcedureWords::caution($current), \App\Words\ProcedureWords::calls($current)])
            @if ($errors->has('step'))<p class="do-next is-over" role="alert">{{ $errors->first('step') }}</p>@endif
            @if (session('finished') !== null)
                <p class="do-next is-in-range" role="status">{{ __('page/procedures.show.all_steps_done_in_min', ['value' => max(1, session('finished'))]) }}</p>
                <div class="take"><a class="button" href="{{ route('procedures.show', [$page->job, $page->occasion->value]) }}">{{ __('page/procedures.show.run_again') }}</a><a class="button is-first" href="{{ route('bench', [$page->job, 'hook-up-checks']) }}">{{ __('page/procedures.show.back_to_the_bench') }}</a></div>
            @elseif ($current !== null)
                <p class="steps-taken"><progress max="{{ count($page->progress->steps) }}" value="{{ $page->progress->taken() }}" aria-label="{{ __('page/procedures.show.steps_taken') }}"></progress> {{ __('page/procedures.show.step_of', ['taken' => $page->progress->taken() + 1, 'steps' => count($page->progress->steps)]) }}@if ($page->run){{ __('page/procedures.show.begun', ['started_at' => $page->run->started_at->isoFormat('D MMM HH:mm')]) }}@endif</p>
                <section class="card step" aria-live="polite">
                    @if ($caution !== '')<p class="caution"><x-warning-sign /><span>{{ $caution }}</span></p>@endif
                    <p class="says">{{ \App\Words\ProcedureWords::does($current) }}</p>
                    @if (in_array($current->key, ['same', 'on-0'], true) && $page->setting() !== '')<p class="setting">{{ ucfirst($page->setting()) }}</p>@endif
                    @if ($picture = \App\Screens\Procedures\StepPicture::of($current))<svg class="sketch station-picture" viewBox="0 0 240 124" role="img" aria-label="{{ $picture->shows() }}">@include('pictures.steps.'.$picture->value)</svg>@endif
                    @if ($why !== '')<p class="why">{{ $why }}</p>@endif
                    @if ($calls !== '')<p class="calls"><span>{{ __('page/procedures.show.helper_calls') }}</span> “{{ $calls }}”</p>@endif
                    @if (\App\Words\ProcedureWords::alone($current) !== '')<p class="why" data-alone><strong>{{ __('page/procedures.show.alone') }}</strong> {{ \App\Words\ProcedureWords::alone($current) }}</p>@endif
                    @if ($current->signals !== [])<div class="signals">@foreach ($current->signals as $signal)<x-hand-signal :signal="$signal" />@endforeach</div>@endif
                    <form method="post" action="{{ route('procedures.take', [$page->job, $page->occasion->value]) }}" class="take">
                        @csrf
                        <input type="hidden" name="step" value="{{ $current->key }}">
                        @if ($current->asks)
                            @foreach (\App\Words\ProcedureWords::answers($current->asks) as $answer => $says)<button class="button is-first" name="answer" value="{{ $answer }}">{{ $says }}</button>@endforeach
                        @else
                            <button class="button is-first" autofocus>{{ __('page/procedures.show.done') }}</button>
                            @if ($current->need === \Yoke\Workshop\Procedure\Need::May)<button class="button" name="outcome" value="left out">{{ __('page/procedures.show.skip') }}</button>@endif
                        @endif
                    </form>
                </section>
            @endif
            @if ($page->run !== null)
                <div class="tape-foot">
                    @if ($page->progress->last() !== null)<form method="post" action="{{ route('procedures.undo', [$page->job, $page->occasion->value]) }}">@csrf<button class="button is-small">{{ __('page/procedures.show.undo_step') }}</button></form>@endif
                    <form method="post" action="{{ route('procedures.give-up', [$page->job, $page->occasion->value]) }}">@csrf<button class="button is-small">{{ __('page/procedures.show.stop_procedure') }}</button></form>
                </div>
            @endif
            @if ($page->over() !== [])
                <ul class="runs" aria-label="{{ __('page/procedures.show.earlier_runs') }}">
                    @foreach ($page->over() as $run)<li>{{ __('page/procedures.show.min', ['finished_at' => $run->finished_at ? __('page/procedures.show.finished') : __('page/procedures.show.stopped'), 'given_up_at' => ($run->finished_at ?? $run->given_up_at)->isoFormat('D MMM HH:mm'), 'user' => $run->user->name, 'given_up_at2' => (int) ceil($run->started_at->diffInMinutes($run->finished_at ?? $run->given_up_at))]) }}</li>@endforeach
                </ul>
            @endif
            <details class="derivation">
                <summary>{{ __('page/procedures.show.all_steps') }}</summary>
                <ol class="steps all-steps">
                    @foreach ($page->progress->steps as $step)
                        <li @class(['is-taken' => $page->progress->outcome($step) !== null])>{{ \App\Words\ProcedureWords::does($step) }}@if ($page->takenAt($step) !== '') <span class="who">{{ __('page/procedures.show.at', ['step' => \App\Words\ProcedureWords::outcome($page->progress->outcome($step)), 'step2' => $page->takenAt($step)]) }}</span>@endif</li>
                    @endforeach
                </ol>
            </details>
            <div class="tape-foot">
                <a class="button is-small" href="{{ route('procedures.list', [$page->job, $page->occasion->value]) }}">{{ __('page/procedures.show.as_a_list') }}</a>
                <a class="button is-small" href="{{ route('procedures.paper', [$page->job, $page->occasion->value]) }}">{{ __('page/procedures.show.on_paper') }}</a>
                <a class="button is-small" href="{{ route('bench', [$page->job, 'hook-up-checks']) }}">{{ __('page/procedures.show.back_to_the_bench') }}</a>
            </div>
        @endif
    </main>
</x-layout>
