        <section class="card take-over-plan" aria-label="{{ __('take-over.plan') }}" data-plan>
            <h2>{{ __('take-over.plan') }}</h2>
            @if (! $page->canTell())
                <p class="sentence">{{ __('take-over.plan_waits') }}</p>
            @else
                <ol class="remedy">
                    @if ($page->head() !== [])<li data-head>{{ implode(' ', $page->head()) }}</li>@endif
                    @if ($page->tension() !== '')<li data-tension>{{ $page->tension() }}</li>@elseif ($page->expected() === '')@forelse ($page->diagnosis->moves() as $move)<li>{{ $move }}.</li>@empty<li>{{ $page->bench->advice()->move() }}</li>@endforelse @endif
                </ol>
                <p class="do-next" data-expected>{{ $page->expected() !== '' ? $page->expected() : ($page->diagnosis->expected() !== '' ? $page->diagnosis->expected() : $page->bench->advice()->chance()) }}</p>
                <div class="tape-foot">
                    <a class="button" href="{{ route('bench', [$page->job, 'head']) }}">{{ __('take-over.head.record') }}</a>
                    <a class="button is-small" href="{{ route('jobs.diagnosis', $page->job) }}">{{ __('take-over.diagnosis') }}</a>
                </div>
            @endif
        </section>
