<x-layout :title="\App\Words\ProcedureWords::title($page->occasion).', '.$page->job->title">
    <main class="procedure">
        <nav class="shelves" aria-label="Procedures">
            @foreach (\Yoke\Procedure\Occasion::cases() as $one)
                <a href="{{ route('procedures.show', [$page->job, $one->value]) }}" @if ($one === $page->occasion) aria-current="page" @endif>{{ \App\Words\ProcedureWords::title($one) }}</a>
            @endforeach
        </nav>
        <h1>{{ \App\Words\ProcedureWords::title($page->occasion) }} <span class="font-normal text-muted">· {{ $page->job->title }}</span></h1>
        @if ($page->progress === null)
            <p class="do-next">The family of the hitch is not known yet. Choose it on the hitch's specification to see the procedure.</p>
        @else
            @php($current = $page->progress->current())
            @php([$why, $caution, $calls] = $current === null ? ['', '', ''] : [\App\Words\ProcedureWords::why($current), \App\Words\ProcedureWords::caution($current), \App\Words\ProcedureWords::calls($current)])
            @if ($errors->has('step'))<p class="do-next is-over" role="alert">{{ $errors->first('step') }}</p>@endif
            @if (session('finished') !== null)
                <p class="do-next is-in-range" role="status">All steps done, in {{ max(1, session('finished')) }} min. It is recorded in the log.</p>
                <div class="take"><a class="button" href="{{ route('procedures.show', [$page->job, $page->occasion->value]) }}">Run again</a><a class="button is-first" href="{{ route('bench', [$page->job, 'hook-up-checks']) }}">Back to the bench</a></div>
            @elseif ($current !== null)
                <p class="steps-taken"><progress max="{{ count($page->progress->steps) }}" value="{{ $page->progress->taken() }}" aria-label="Steps taken"></progress> Step {{ $page->progress->taken() + 1 }} of {{ count($page->progress->steps) }}@if ($page->run), begun {{ $page->run->started_at->format('j M H:i') }}@endif</p>
                <section class="card step" aria-live="polite">
                    @if ($caution !== '')<p class="caution"><x-warning-sign /><span>{{ $caution }}</span></p>@endif
                    <p class="says">{{ \App\Words\ProcedureWords::does($current) }}</p>
                    @if (in_array($current->key, ['same', 'on-0'], true) && $page->setting() !== '')<p class="setting">{{ ucfirst($page->setting()) }}</p>@endif
                    @if ($why !== '')<p class="why">{{ $why }}</p>@endif
                    @if ($calls !== '')<p class="calls"><span>Helper calls</span> “{{ $calls }}”</p>@endif
                    @if ($current->signals !== [])<div class="signals">@foreach ($current->signals as $signal)<x-hand-signal :signal="$signal" />@endforeach</div>@endif
                    <form method="post" action="{{ route('procedures.take', [$page->job, $page->occasion->value]) }}" class="take">
                        @csrf
                        <input type="hidden" name="step" value="{{ $current->key }}">
                        @if ($current->asks)
                            @foreach (\App\Words\ProcedureWords::answers($current->asks) as $answer => $says)<button class="button is-first" name="answer" value="{{ $answer }}">{{ $says }}</button>@endforeach
                        @else
                            <button class="button is-first" autofocus>Done</button>
                            @if ($current->need === \Yoke\Procedure\Need::May)<button class="button" name="outcome" value="left out">Skip</button>@endif
                        @endif
                    </form>
                </section>
            @endif
            @if ($page->run !== null)
                <div class="tape-foot">
                    @if ($page->progress->last() !== null)<form method="post" action="{{ route('procedures.undo', [$page->job, $page->occasion->value]) }}">@csrf<button class="button is-small">Undo step</button></form>@endif
                    <form method="post" action="{{ route('procedures.give-up', [$page->job, $page->occasion->value]) }}">@csrf<button class="button is-small">Stop procedure</button></form>
                </div>
            @endif
            @if ($page->over() !== [])
                <ul class="runs" aria-label="Earlier runs">
                    @foreach ($page->over() as $run)<li>{{ $run->finished_at ? 'Finished' : 'Stopped' }}, {{ ($run->finished_at ?? $run->given_up_at)->format('j M H:i') }}, {{ $run->user->name }}, {{ (int) ceil($run->started_at->diffInMinutes($run->finished_at ?? $run->given_up_at)) }} min</li>@endforeach
                </ul>
            @endif
            <details class="derivation">
                <summary>All steps</summary>
                <ol class="steps all-steps">
                    @foreach ($page->progress->steps as $step)
                        <li @class(['is-taken' => $page->progress->outcome($step) !== null])>{{ \App\Words\ProcedureWords::does($step) }}@if ($page->takenAt($step) !== '') <span class="who">{{ \App\Words\ProcedureWords::outcome($page->progress->outcome($step)) }} at {{ $page->takenAt($step) }}</span>@endif</li>
                    @endforeach
                </ol>
            </details>
            <div class="tape-foot">
                <a class="button is-small" href="{{ route('procedures.paper', [$page->job, $page->occasion->value]) }}">On paper</a>
                <a class="button is-small" href="{{ route('bench', [$page->job, 'hook-up-checks']) }}">Back to the bench</a>
            </div>
        @endif
    </main>
</x-layout>
