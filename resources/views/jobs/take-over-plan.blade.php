        <section class="card take-over-plan" aria-label="{{ __('take-over.plan') }}" data-plan>
            <h2>{{ __('take-over.plan') }}</h2>
            @if (! $page->canTell())
                <p class="sentence">{{ __('take-over.plan_waits') }}</p>
            @else
                @php($advice = $page->bench->advice())
                <p class="do-next" data-expected><span data-figure="move">{{ $advice->move() }}</span> @if ($advice->chance() !== '')<strong data-figure="chance">{{ $advice->chance() }}</strong>@endif</p>
                @if ($advice->isInTheYardOnly())<p class="sentence" data-tone="caution" data-yard-only>{{ __('move.yard_only') }}</p>@endif
                @if ($page->diagnosis->moves() !== [])<ol class="remedy">@foreach ($page->diagnosis->moves() as $move)<li>{{ $move }}.</li>@endforeach</ol>@endif
                @if ($page->head() !== [])<p class="sentence" data-head>{{ implode(' ', $page->head()) }}</p>@endif
                @if ($page->diagnosis->expected() !== '')<p class="expected">{{ $page->diagnosis->expected() }} <span data-figure="expected">{{ $page->diagnosis->heights() }}</span></p>@endif
                <div class="tape-foot">
                    <a class="button" href="{{ route('bench', [$page->job, 'head']) }}">{{ __('take-over.head.record') }}</a>
                    <a class="button is-small" href="{{ route('jobs.diagnosis', $page->job) }}">{{ __('take-over.diagnosis') }}</a>
                </div>
            @endif
        </section>
